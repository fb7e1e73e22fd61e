import '@/styles/console.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import HelperPage from './HelperPage.vue'

/** Whoever helps has this one page; what boards link to is the host's. */
const router = createRouter({
  history: createWebHistory(),
  routes: [{ path: '/:any(.*)*', component: HelperPage }],
})
createApp(HelperPage).use(createPinia()).use(router).mount('#app')
