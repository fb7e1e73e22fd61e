import { createRouter, createWebHistory } from 'vue-router'
import CuesView from '@/views/cues/CuesView.vue'
import RehearseView from '@/views/rehearse/RehearseView.vue'
import LinksView from '@/views/links/LinksView.vue'

/** The places that are built, in the order in which they stand on the rail. */
export const PLACES = [
  { path: '/links', name: 'Links' },
  { path: '/cues', name: 'Cues' },
  { path: '/rehearse', name: 'Rehearse' },
]

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/cues' },
    { path: '/links', component: LinksView },
    { path: '/rehearse', component: RehearseView },
    { path: '/cues/:id?', component: CuesView, props: true },
  ],
})
