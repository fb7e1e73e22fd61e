import '@/styles/console.css'
import { createApp } from 'vue'
import MixerPage from './MixerPage.vue'

createApp(MixerPage).mount('#app')
