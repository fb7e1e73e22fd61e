import '@/styles/console.css'
import { createApp } from 'vue'
import RoomPage from './RoomPage.vue'

createApp(RoomPage).mount('#app')
