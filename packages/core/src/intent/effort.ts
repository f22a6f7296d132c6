import type { Look } from '../design/look.js'
import type { LayingMinutes } from '../settings/laying.js'
import { buildMinutes } from '../centerpiece/buildMinutes.js'

/** To spread a cloth and smooth it, to lay a runner straight, and to hang greens round a lamp from a ladder: our own starting values. */
const CLOTH_MIN = 4
const RUNNER_MIN = 2
const LAMP_MIN = 8

/** Minutes one pair of hands takes for a look, part by part. */
export interface Effort {
  readonly linensMin: number
  readonly foldingMin: number
  readonly layingMin: number
  readonly middleMin: number
  readonly totalMin: number
}

/** Of a look whose laying is known: it stays as it is while the middle is moved about. */
export function effortOf(look: Pick<Look, 'linens' | 'centerpiece' | 'room'>, { folding, laying }: LayingMinutes): Effort {
  const { clothId, topper, runner } = look.linens
  const linensMin = CLOTH_MIN * (Number(clothId !== null) + Number(topper !== null)) + RUNNER_MIN * Number(runner !== null)
  const middleMin = buildMinutes(look.centerpiece) + LAMP_MIN * Number(look.room.fixture?.greens != null)
  return { linensMin, foldingMin: folding, layingMin: laying, middleMin, totalMin: Math.ceil(linensMin + folding + laying + middleMin) }
}
