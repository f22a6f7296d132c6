import type { Look } from '@hestiad/core'
import type { Step } from './steps.js'

/** Whether a step's work has been begun: what nobody touched has nothing to mend and is not done either. */
export function isBegun(look: Look, step: Step): boolean {
  switch (step) {
    case 'brief':
      return look.occasion.title !== ''
    case 'seats':
      return look.guests.length > 0
    case 'menu':
      return look.menu.dishes.length > 0
    case 'linens':
      return look.linens.clothId !== null || look.linens.runner !== null || look.linens.matId !== null
    case 'settings':
      return look.setting.plateIds.length > 0 && look.setting.flatwareIds.length > 0
    case 'centerpiece':
      return look.centerpiece.length > 0
    case 'florals':
      return look.centerpiece.some((placed) => (placed.arrangement?.stems.length ?? 0) > 0)
    case 'light':
      return look.centerpiece.some((placed) => placed.candle !== null)
    case 'colors':
    case 'looks':
      return false
    case 'buy':
      return look.buying.orders.length + look.buying.bought.length > 0
  }
}
