import { createRouter, createWebHistory } from 'vue-router'
import CheckupView from '@/views/checkup/CheckupView.vue'
import CuesView from '@/views/cues/CuesView.vue'
import LinksView from '@/views/links/LinksView.vue'
import RehearseView from '@/views/rehearse/RehearseView.vue'
import LooksView from '@/views/stages/LooksView.vue'
import StagesView from '@/views/stages/StagesView.vue'
import SlateView from '@/views/slate/SlateView.vue'
import ViewersView from '@/views/viewers/ViewersView.vue'

/** The places that are built, in the order in which they stand on the rail; what belongs to one is shown as that one. */
export const PLACES = [
  { path: '/links', name: 'Links', also: [] as string[] },
  { path: '/cues', name: 'Cues', also: ['/slate', '/viewers', '/checkup'] },
  { path: '/stages', name: 'Stages', also: ['/looks'] },
  { path: '/rehearse', name: 'Rehearse', also: [] },
]

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/cues' },
    { path: '/links', component: LinksView },
    { path: '/rehearse', component: RehearseView },
    { path: '/cues/:id?', component: CuesView, props: true },
    { path: '/stages/:id?', component: StagesView, props: true },
    { path: '/looks', component: LooksView },
    { path: '/slate', component: SlateView },
    { path: '/viewers', component: ViewersView },
    { path: '/checkup', component: CheckupView },
  ],
})
