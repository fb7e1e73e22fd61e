import '@/styles/console.css'
import { createApp } from 'vue'
import SignPage from './SignPage.vue'

createApp(SignPage).mount('#app')
