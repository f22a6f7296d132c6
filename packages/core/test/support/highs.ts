import { createRequire } from 'node:module'
import type { Highs } from 'highs'

/** The independent solver HiGHS; its package gives no types to an ES module. */
export const loadHighs = createRequire(import.meta.url)('highs') as () => Promise<Highs>
