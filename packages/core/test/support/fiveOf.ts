import { composeLooks, type WholeLook } from '@hestiad/core'
import { demoLook } from './looks.js'

const known = new Map<string, readonly WholeLook[]>()

/** Five looks of a demo as they are composed unasked, composed once for all tests. */
export function fiveOf(name: string): readonly WholeLook[] {
  const five = known.get(name) ?? composeLooks(demoLook(name), { from: 'few-new', want: 5, seed: 1 })
  known.set(name, five)
  return five
}
