import { ID_INJECTION_KEY, ZINDEX_INJECTION_KEY } from 'element-plus'
import { getActivePinia } from 'pinia'
import { createSSRApp, h, type Component } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { renderToString } from 'vue/server-renderer'
import { words } from '../../src/shell/words.js'

/** What a component comes to without a browser: its HTML, the keys it asked for and nobody has words for, and what Vue warned of. */
export interface Drawn {
  readonly html: string
  readonly missing: readonly string[]
  readonly warnings: readonly string[]
}

const page: Component = {}
const routes = [
  { path: '/', name: 'occasions', component: page },
  { path: '/cupboard', name: 'cupboard', component: page },
  { path: '/shops', name: 'shops', component: page },
  { path: '/ideas', name: 'ideas', component: page },
  { path: '/looks/:id/sheet', name: 'sheet', component: page },
  { path: '/looks/:id/:step', name: 'look', component: page }
]

export async function drawHere(component: Component, props: Readonly<Record<string, unknown>>): Promise<Drawn> {
  const missing: string[] = []
  const warnings: string[] = []
  words.global.setMissingHandler((_locale, key) => void missing.push(key))
  const app = createSSRApp({ render: () => h(component, props) })
  app.config.warnHandler = (text) => void warnings.push(text)
  app
    .use(getActivePinia()!)
    .use(createRouter({ history: createMemoryHistory(), routes }))
    .use(words)
  app.provide(ID_INJECTION_KEY, { prefix: 1, current: 0 }).provide(ZINDEX_INJECTION_KEY, { current: 0 })
  return { html: await renderToString(app), missing, warnings }
}

const entities: Readonly<Record<string, string>> = { '&amp;': '&', '&lt;': '<', '&gt;': '>', '&quot;': '"', '&#39;': "'" }
const plain = (text: string) => text.replace(/&(amp|lt|gt|quot|#39);/g, (entity) => entities[entity]!)

/** All that can be read or heard: what stands between the tags, and names, titles and hints of controls. */
export function saidIn(html: string): string[] {
  const between = html.replace(/<!--[\s\S]*?-->/g, '').split(/<[^>]*>/)
  const heard = [...html.matchAll(/\s(?:aria-label|title|placeholder|alt|aria-valuetext)="([^"]*)"/g)].map(([, text]) => text!)
  return [...new Set([...between, ...heard].map((text) => plain(text).replace(/\s+/g, ' ').trim()))].filter((text) => text !== '')
}

const nameOf = (attributes: string) => / (?:aria-label|title|aria-labelledby)="[^"]+"/.test(attributes)

/** What can be pressed and a screen reader could not name. */
export function namelessIn(html: string): string[] {
  const nameless = (all: RegExp) => [...html.matchAll(all)].filter(([, attributes, inner]) => !nameOf(attributes!) && saidIn(inner ?? '').length === 0)
  return [...nameless(/<button([^>]*)>([\s\S]*?)<\/button>/g), ...nameless(/<(?:g|rect|circle|path)([^>]* role="button"[^>]*)>/g)].map(
    ([tag]) => `nameless: ${tag.slice(0, 160)}`
  )
}
