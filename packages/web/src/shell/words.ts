import { createI18n } from 'vue-i18n'
import { en } from './words/en.js'

/** All words of the interface, by key; one file a language. */
export const words = createI18n({ legacy: false, locale: 'en', messages: { en } })
