import '@/styles/console.css'
import { createApp } from 'vue'
import ChannelPage from './ChannelPage.vue'

createApp(ChannelPage).mount('#app')
