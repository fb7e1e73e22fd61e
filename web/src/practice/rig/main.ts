import '@/styles/console.css'
import { createApp } from 'vue'
import RigPage from './RigPage.vue'

createApp(RigPage).mount('#app')
