import { plainStems, type Look, type PatternName, type Placed } from '@hestiad/core'
import { put } from './looks.js'
import { tables, type TableName } from './tables.js'

/** A middle laid by hand, by eye, in pictures. */
export interface Gold {
  readonly name: string
  readonly look: Look
}

type Thing = readonly [pieceId: string, x: number, y: number, more?: Partial<Placed>]

/** One recipe a look: focal, filler, foliage, in shares of the heads' area; heads 55, 60 and 80 mm wide as the demo's ranunculus, lisianthus and olive. */
const recipe = [
  ['ranunculus', 0.54, 55],
  ['lisianthus', 0.24, 60],
  ['olive-branch', 0.22, 80]
] as const

function flowers(spreadMm: number, riseMm: number): Pick<Placed, 'arrangement'> {
  const r = spreadMm / 2
  const headsMm2 = 0.78 * Math.PI * (r * r + Math.min(riseMm, r) ** 2)
  const stems = recipe.map(([stemId, share, headMm]) => ({ stemId, count: Math.max(1, Math.round((headsMm2 * share) / (Math.PI * (headMm / 2) ** 2))) }))
  return { arrangement: { stems, spreadMm, riseMm, ...plainStems } }
}

const bud: Partial<Placed> = {
  arrangement: {
    stems: [
      { stemId: 'ranunculus', count: 1 },
      { stemId: 'thyme', count: 1 }
    ],
    spreadMm: 66,
    riseMm: 85,
    ...plainStems
  }
}
const lit = (candleId: string): Partial<Placed> => ({ candle: { candleId, lightAtMin: 1095 } })
const taper = lit('taper-ivory-10')
const tea = lit('tealight-6')
const pillar = lit('pillar-ivory-small')
const onBase = { on: 'base' } as const

/** The same to both sides of the middle, at each distance. */
const both = (pieceId: string, xs: readonly number[], more: Partial<Placed> = {}): Thing[] =>
  xs.flatMap((x): Thing[] => (x === 0 ? [[pieceId, 0, 0, more]] : [[pieceId, -x, 0, more], [pieceId, x, 0, more]])) // prettier-ignore
/** So many in a ring, the first at an angle in degrees. */
const ring = (pieceId: string, r: number, count: number, firstDeg: number, more: Partial<Placed> = {}): Thing[] =>
  Array.from({ length: count }, (_, i): Thing => {
    const angle = ((firstDeg + (360 * i) / count) * Math.PI) / 180
    return [pieceId, Math.round(r * Math.cos(angle)), Math.round(r * Math.sin(angle)), more]
  })

function gold(table: TableName, pattern: PatternName, ...things: readonly (Thing | readonly Thing[])[]): Gold {
  const look = tables[table]()
  const list = things.flatMap((one): readonly Thing[] => (Array.isArray(one[0]) ? (one as readonly Thing[]) : [one as Thing]))
  const centerpiece = list.map(([pieceId, xMm, yMm, more], i) => put(more?.id ?? `g${i}`, pieceId, { xMm, yMm, ...more }))
  return { name: `${table} ${pattern}`, look: { ...look, centerpiece, school: { ...look.school, pattern } } }
}

/** Thirty middles over all patterns and six forms of table. The first twenty are what weights were set by, the last ten were held out. */
export const golds: readonly Gold[] = [
  gold('oval', 'flanked', ['bowl-oyster-wide', 0, 0, flowers(340, 215)], both('bowl-oyster-mid', [510], flowers(230, 140)), both('stick-brass-mid', [290], taper), both('holder-brass-low', [730], taper)), // prettier-ignore
  gold('oval', 'open-middle', both('low-bowl-oyster', [480], flowers(300, 185)), both('stick-brass-mid', [225, 735], taper)),
  gold('oval', 'run', both('bowl-oyster-mid', [0, 620], flowers(182, 118)), both('holder-brass-low', [195, 425], taper), both('persimmons', [310])),
  gold('oval', 'garland', ['garland-eucalyptus', 0, 0, { part: 0.85 }], both('hurricane-small', [0, 480], pillar), ['persimmon-one', -240, 45], ['persimmon-one', 240, -45]), // prettier-ignore
  gold('oval', 'bud-vases', both('bud-smoke-mid', [0, 560], bud), both('bud-smoke-low', [280], bud), both('votive-clear', [140, 420, 700], tea)),
  gold('oval', 'gathered-tray', ['tray-brass-oval', 0, 0, { id: 'base' }], ['bowl-oyster-small', -120, 0, { ...onBase, ...flowers(200, 135) }], ['holder-brass-low', 140, 45, { ...onBase, ...taper }], ['persimmon-one', 90, -75, onBase], both('pears-compote', [520])), // prettier-ignore
  gold('oval', 'patch', ['bowl-oyster-wide', 0, 0, flowers(330, 205)], both('bowl-oyster-small', [262], flowers(170, 110)), ['persimmon-one', -75, 175], ['persimmon-one', 75, 175], ['persimmon-one', -75, -175], ['persimmon-one', 75, -175], both('stick-brass-mid', [470], taper)), // prettier-ignore
  gold(
    'oval',
    'one-focus',
    ['bowl-oyster-wide', 0, 0, flowers(340, 210)],
    both('footed-oyster', [305], flowers(195, 125)),
    both('stick-brass-mid', [520], taper)
  ),
  gold('oval', 'edible-board', ['board-oak-long', 0, 0, { id: 'base' }], ['compote-citrus', 0, 0, onBase], ['figs', -175, 0, onBase], ['figs', 175, 0, onBase], ['lemons', -305, 0, onBase], ['lemons', 305, 0, onBase], both('stick-brass-mid', [500], taper), both('bud-clay', [660], bud)), // prettier-ignore
  gold('long', 'flanked', ['footed-brass', 0, 0, flowers(200, 130)], both('julep-brass', [305, 720], flowers(146, 105)), both('votive-clear', [170], tea), both('stick-brass-mid', [512], taper)), // prettier-ignore
  gold('long', 'run', both('bowl-oyster-small', [305, 914], flowers(172, 110)), both('holder-brass-low', [0, 610], taper)),
  gold('long', 'bud-vases', both('bud-clay', [0, 280, 560, 840], bud), both('votive-clear', [140, 420, 700], tea)),
  gold('long', 'one-focus', both('footed-oyster', [0, 720], flowers(190, 125)), both('holder-brass-low', [205, 515, 925], taper)),
  gold('round', 'one-focus', ['bowl-oyster-wide', 0, 0, flowers(370, 215)], ring('votive-clear', 300, 8, 22.5, tea)),
  gold(
    'round',
    'flanked',
    ['low-bowl-oyster', 0, 0, flowers(300, 190)],
    ring('footed-oyster', 285, 4, 45, flowers(180, 120)),
    ring('votive-clear', 285, 4, 0, tea)
  ),
  gold('round', 'bud-vases', ring('bud-clay', 290, 8, 22.5, bud), ring('votive-clear', 165, 8, 0, tea)),
  gold('rectangle', 'run', both('bowl-oyster-small', [332], flowers(172, 110)), both('holder-brass-low', [0, 560], taper)),
  gold('rectangle', 'open-middle', both('bowl-oyster-mid', [385], flowers(220, 145)), both('holder-brass-low', [170, 600], taper)),
  gold('roundForFour', 'one-focus', ['bowl-oyster-mid', 0, 0, flowers(260, 170)], ring('votive-clear', 235, 4, 45, tea)),
  gold('racetrack', 'flanked', ['bowl-oyster-wide', 0, 0, flowers(330, 210)], both('footed-oyster', [520], flowers(200, 125)), both('stick-brass-mid', [290], taper), both('votive-clear', [720], tea)), // prettier-ignore
  gold('oval', 'scatter', ['persimmon-one', 0, 0], ['persimmon-one', 225, 55], ['persimmon-one', -225, -55], ['persimmon-one', 450, -45], ['persimmon-one', -450, 45], ['votive-clear', 110, -60, tea], ['votive-clear', -110, 60, tea], ['votive-clear', 335, 10, tea], ['votive-clear', -335, -10, tea], ['votive-clear', 560, 40, tea], ['votive-clear', -560, -40, tea]), // prettier-ignore
  gold(
    'long',
    'garland',
    ['garland-olive', -440, 0, { part: 0.51 }],
    ['garland-olive', 440, 0, { part: 0.51 }],
    both('hurricane-small', [0, 400, 800], pillar)
  ),
  gold('long', 'flanked', ['bowl-oyster-mid', 0, 0, flowers(205, 130)], both('bowl-oyster-small', [305], flowers(160, 105)), both('holder-brass-low', [490], taper), both('votive-clear', [170, 620], tea)), // prettier-ignore
  gold('round', 'run', ring('bowl-oyster-small', 275, 8, 22.5, flowers(150, 100)), ['hurricane-small', 0, 0, pillar]),
  gold('rectangle', 'bud-vases', both('bud-stone', [0, 290, 580], bud), both('votive-clear', [145, 435], tea)),
  gold('rectangle', 'garland', ['garland-ruscus', 0, 0, { part: 0.68 }], both('hurricane-small', [0, 400], pillar)),
  gold('rectangle', 'edible-board', ['board-slate', 0, 0, { id: 'base' }], ['figs', 0, 0, onBase], ['figs', -130, 0, onBase], ['figs', 130, 0, onBase], both('holder-brass-low', [330], taper), both('bud-clay', [490], bud)), // prettier-ignore
  gold('roundForFour', 'bud-vases', ['bud-clay', 0, 0, bud], ring('bud-clay', 215, 4, 45, bud), ring('votive-clear', 150, 4, 0, tea)),
  gold('racetrack', 'open-middle', both('low-bowl-oyster', [500], flowers(300, 190)), both('stick-brass-mid', [245, 755], taper)),
  gold('racetrack', 'run', both('footed-oyster', [0, 640], flowers(190, 125)), both('stick-brass-mid', [200, 450], taper), both('persimmon-one', [322]))
]
