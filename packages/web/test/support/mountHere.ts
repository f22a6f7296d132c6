import type { Pinia } from 'pinia'
import { createRenderer, type App } from 'vue'
import { words } from '../../src/shell/words.js'

interface Node {
  parent: Node | null
}

/** A page that shows nothing, for what lives as long as a component does. */
const { createApp } = createRenderer<Node, Node>({
  insert: (node, parent) => void (node.parent = parent),
  remove: () => undefined,
  createElement: () => ({ parent: null }),
  createText: () => ({ parent: null }),
  createComment: () => ({ parent: null }),
  setText: () => undefined,
  setElementText: () => undefined,
  parentNode: (node) => node.parent,
  nextSibling: () => null,
  patchProp: () => undefined
})

/** What a component's setup gives, and its end. */
export function mountHere<Value>(setup: () => Value, pinia?: Pinia): { readonly value: Value; readonly app: App<Node>; readonly unmount: () => void } {
  let value: Value | undefined
  const app = createApp({ setup: () => ((value = setup()), () => null) })
  if (pinia) app.use(pinia as never)
  app.use(words as never).mount({ parent: null })
  return { value: value!, app, unmount: () => app.unmount() }
}
