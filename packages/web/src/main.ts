import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './shell/router.js'
import { words } from './shell/words.js'
import './shell/theme.css'
import './shell/touch.css'

createApp(App).use(createPinia()).use(router).use(words).mount('#app')
