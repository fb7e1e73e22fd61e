import { createRouter, createWebHistory } from 'vue-router'

/** The places that are built, in the order in which they stand on the rail; what belongs to one is shown as that one. */
export const PLACES = [
  { path: '/links', name: 'Links', also: ['/health'] },
  { path: '/cues', name: 'Cues', also: ['/slate', '/viewers', '/checkup', '/ready', '/packs'] },
  { path: '/stages', name: 'Stages', also: ['/looks'] },
  { path: '/shelf', name: 'Shelf', also: [] },
  { path: '/desks', name: 'Desks', also: [] },
  { path: '/voice', name: 'Voice', also: [] },
  { path: '/people', name: 'People', also: [] },
  { path: '/rehearse', name: 'Rehearse', also: [] },
  { path: '/live', name: 'Live', also: [] },
  { path: '/look-back', name: 'Look back', also: [] },
]

/** Each place is loaded when it is entered. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/cues' },
    { path: '/links', component: () => import('@/views/links/LinksView.vue') },
    { path: '/health', component: () => import('@/views/links/HealthView.vue') },
    { path: '/rehearse', component: () => import('@/views/rehearse/RehearseView.vue') },
    { path: '/cues/:id?', component: () => import('@/views/cues/CuesView.vue'), props: true },
    { path: '/stages/:id?', component: () => import('@/views/stages/StagesView.vue'), props: true },
    { path: '/looks', component: () => import('@/views/stages/LooksView.vue') },
    { path: '/shelf', component: () => import('@/views/shelf/ShelfView.vue') },
    { path: '/desks/:id?', component: () => import('@/views/desks/DesksView.vue'), props: true },
    { path: '/live', component: () => import('@/views/live/LiveView.vue'), meta: { low: true } },
    { path: '/look-back/:show?', component: () => import('@/views/lookback/LookBackView.vue'), props: true },
    { path: '/dock/live', component: () => import('@/views/live/LiveView.vue'), meta: { dock: true } },
    { path: '/pad', component: () => import('@/views/pad/PadView.vue'), meta: { dock: true } },
    {
      path: '/dock/:id?',
      component: () => import('@/views/desks/DeskDock.vue'),
      props: true,
      meta: { dock: true },
    },
    { path: '/people/ledger', component: () => import('@/views/people/LedgerView.vue') },
    { path: '/people/circles', component: () => import('@/views/people/CirclesView.vue') },
    { path: '/people/:id?', component: () => import('@/views/people/PeopleView.vue') },
    { path: '/voice', component: () => import('@/views/voice/VoiceView.vue') },
    { path: '/slate', component: () => import('@/views/slate/SlateView.vue') },
    { path: '/viewers', component: () => import('@/views/viewers/ViewersView.vue') },
    { path: '/ready/:id?', component: () => import('@/views/ready/ReadyView.vue'), props: true },
    {
      path: '/guide/:heading?',
      component: () => import('@/views/guide/GuideView.vue'),
      props: true,
      meta: { low: true },
    },
    { path: '/packs', component: () => import('@/views/packs/PacksView.vue') },
    { path: '/checkup', component: () => import('@/views/checkup/CheckupView.vue') },
  ],
})
