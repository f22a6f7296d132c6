import type { FoldKind } from '@hestiad/core'

/** One step of folding, drawn in a box of 200 by 200: the cloth before it, where it creases, which way it goes. */
export interface FoldStep {
  readonly cloth: string
  readonly creases: string
  readonly arrow: string
}

const square = 'M -90 -90 H 90 V 90 H -90 Z'
const half = 'M -90 -45 H 90 V 45 H -90 Z'
const quarter = 'M -60 -60 H 60 V 60 H -60 Z'
const band = 'M -90 -25 H 90 V 25 H -90 Z'
const strip = 'M -30 -90 H 30 V 90 H -30 Z'
const triangle = 'M -90 45 L 90 45 L 0 -55 Z'
const diamond = 'M 0 -85 L 85 0 L 0 85 L -85 0 Z'

const step = (cloth: string, creases: string, arrow = ''): FoldStep => ({ cloth, creases, arrow })
const inHalf = step(square, 'M -90 0 H 90', 'M 0 -70 V 55')
const cornerToCorner = step(square, 'M -90 90 L 90 -90', 'M -65 -65 L 45 45')
const inThree = step(square, 'M -30 -90 V 90 M 30 -90 V 90', 'M -75 0 H 10')

/** Our own drawings of the steps the words tell. */
export const foldSteps: Record<FoldKind, readonly [FoldStep, FoldStep, FoldStep]> = {
  flat: [inHalf, step(half, 'M 0 -45 V 45', 'M -70 0 H 55'), step(quarter, 'M -20 -60 V 60 M 20 -60 V 60', 'M -52 0 H 10')],
  band: [inHalf, step(half, 'M -45 -45 V 45 M 45 -45 V 45', 'M -82 0 H -12'), step(strip, 'M -30 -15 H 30 M -30 15 H 30')],
  knot: [cornerToCorner, step(triangle, 'M -60 10 L 60 10', 'M 0 -45 V 25'), step(band, 'M -8 -25 V 25 M 8 -25 V 25', 'M -80 0 C -40 -60 30 -60 20 10')],
  ring: [
    step(square, 'M -20 -20 L 20 20 M 20 -20 L -20 20', 'M 0 0 V -75'),
    step(diamond, 'M 0 -85 V 85', 'M 60 10 L 30 60'),
    step('M 0 0 L -55 85 H 55 Z M 0 0 L -25 -75 H 25 Z', 'M -18 0 H 18')
  ],
  pocket: [
    step(square, 'M -90 0 H 90 M 0 -90 V 90', 'M -60 -60 L 40 40'),
    step(quarter, 'M -60 -10 H 60 M -60 20 H 60', 'M 0 -50 V 5'),
    step(quarter, 'M -30 -60 V 60 M 30 -60 V 60', 'M -55 40 H -5')
  ],
  fan: [
    inHalf,
    step(half, 'M -70 -45 V 45 M -50 -45 V 45 M -30 -45 V 45 M -10 -45 V 45 M 10 -45 V 45 M 30 -45 V 45', 'M -85 60 H 40'),
    step('M -60 -45 H 90 V 45 H -60 Z', 'M -60 0 H 90', 'M 60 35 V -30')
  ],
  pyramid: [cornerToCorner, step(triangle, 'M 0 -55 V 45', 'M -70 38 L -10 -35'), step(diamond, 'M -85 0 H 85', 'M 0 60 V -20')],
  tree: [
    step(square, 'M -90 0 H 90 M 0 -90 V 90', 'M 60 60 L -40 -40'),
    step(diamond, 'M -20 -60 L -20 70 M 20 -60 L 20 70', 'M -70 0 H -5'),
    step('M -45 -80 H 45 L 0 90 Z', 'M -35 -40 L 35 -40 M -25 0 L 25 0', 'M 0 70 V -20')
  ],
  roll: [inHalf, step(half, 'M -60 -35 V 35 M -48 -35 V 35', ''), step(half, 'M -40 -45 V 45', 'M -80 0 H 40')],
  bundle: [
    step(square, 'M -90 0 H 90 M -45 -90 V 90 M 45 -90 V 90', 'M -80 40 H -10'),
    step(strip, 'M -12 -60 V 60 M 4 -60 V 60'),
    step(strip, 'M -30 0 H 30', 'M -50 20 C -20 50 30 50 45 10')
  ],
  draped: [inThree, step(strip, 'M -30 40 H 30', 'M 0 70 V 20'), step(strip, 'M -30 60 H 30')],
  triangle: [inHalf, step(half, 'M 0 -45 L 90 45', 'M -40 20 L 30 -25'), step(triangle, '')]
}
