import '@fontsource-variable/fraunces/wght.css'
import '@fontsource/atkinson-hyperlegible-next/400.css'
import '@fontsource/atkinson-hyperlegible-next/600.css'
import '@fontsource/atkinson-hyperlegible-next/700.css'
import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { markOwnStyles } from './lib/styleNonce'
import { router } from './router'
import './styles/base.css'

markOwnStyles()
createApp(App).use(createPinia()).use(router).mount('#app')
