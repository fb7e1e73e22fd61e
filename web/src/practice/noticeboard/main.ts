import '@/styles/console.css'
import { createApp } from 'vue'
import NoticeboardPage from './NoticeboardPage.vue'

createApp(NoticeboardPage).mount('#app')
