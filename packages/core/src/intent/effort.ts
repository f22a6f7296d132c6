import type { Look } from '../design/look.js'
import type { LayingMinutes } from '../settings/laying.js'
import { buildMinutes } from '../centerpiece/buildMinutes.js'

/** To spread a cloth and smooth it, and to lay a runner straight: our own starting values. */
const CLOTH_MIN = 4
const RUNNER_MIN = 2

/** Minutes one pair of hands takes for a look, part by part. */
export interface Effort {
  readonly linensMin: number
  readonly foldingMin: number
  readonly layingMin: number
  readonly middleMin: number
  readonly totalMin: number
}

/** Of a look whose laying is known: it stays as it is while the middle is moved about. */
export function effortOf(look: Pick<Look, 'linens' | 'centerpiece'>, { folding, laying }: LayingMinutes): Effort {
  const { clothId, topper, runner } = look.linens
  const linensMin = CLOTH_MIN * (Number(clothId !== null) + Number(topper !== null)) + RUNNER_MIN * Number(runner !== null)
  const middleMin = buildMinutes(look.centerpiece)
  return { linensMin, foldingMin: folding, layingMin: laying, middleMin, totalMin: Math.ceil(linensMin + folding + laying + middleMin) }
}
