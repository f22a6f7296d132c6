import type { PatternName } from '../design/look.js'
import { widthOf } from '../composition/families.js'
import { bulkMm, enough, type Cast, type Wanted } from './cast.js'
import { isLongTable, type Frame } from '../composition/frames.js'
import type { Item } from './item.js'
import type { Table } from './mass.js'
import type { Brief } from './brief.js'
import type { Option, Part, Stock } from './stock.js'
import { edibleBoard } from './structures/board.js'
import { budVases } from './structures/buds.js'
import { flanked, LEAST_SPINE_MM } from './structures/flanked.js'
import { focus } from './structures/focus.js'
import { garland, isAboveGreens } from './structures/garland.js'
import { patch } from './structures/patch.js'
import { withTails } from './structures/lights.js'
import { richRun, run } from './structures/run.js'
import { scatter } from './structures/scatter.js'
import { repeated } from './structures/repeats.js'
import { gatheredTray } from './structures/tray.js'
import { twoFoci } from './structures/twoFoci.js'

/** What a pattern is made of and how it is laid: items of a frame, the fullest layout first. */
export interface Program {
  readonly wanted: (stock: Stock, frame: Frame, brief: Brief) => Wanted
  readonly lay: (cast: Cast, table: Table, stock: Stock, seed: number) => Item[][]
  /** Laid round one thing in the middle. */
  readonly led?: boolean
  /** Its sizes are those of its pieces: smaller and lower is not tried. */
  readonly fixed?: boolean
  /** The shortest free spine it is laid on. */
  readonly leastMm: number
  /** Parts without which there is no such middle. */
  readonly needs: readonly (readonly Part[])[]
}

const lights = (stock: Stock, brief: Brief, count: number, parts: readonly Part[] = ['stick', 'votive', 'hurricane']): (Option | null)[] => {
  const list = enough(stock, parts, count)
  const mixed = parts.flatMap((part) => list.filter((one) => one.part === part).slice(0, part === 'stick' ? 3 : 2))
  return brief.candles === 'none' || mixed.length === 0 ? [null] : mixed
}

/** What leads a middle: on a spine also a trough along it. */
const leading = (frame: Frame): readonly Part[] => (frame.ring ? ['mass', 'compote'] : ['mass', 'compote', 'trough'])

/** Things between two widths, those first that suit the table and are about as wide as is best. */
function masses(stock: Stock, parts: readonly Part[], count: number, [narrowMm, bestMm, wideMm]: readonly [number, number, number]): Option[] {
  return enough(stock, parts, count)
    .filter((one) => bulkMm(one) >= narrowMm && bulkMm(one) <= wideMm)
    .map((one) => ({ ...one, suits: one.suits * Math.exp(-1.1 * Math.abs(Math.log(bulkMm(one) / bestMm))) }))
    .sort((a, b) => b.suits - a.suits)
}

/** Widths of vessels for a hero at this table: its flowers spread to half as much again. */
function heroMm(frame: Frame, share = 1, roomMm = frame.middleMm): readonly [number, number, number] {
  const best = (share * Math.min(0.29 * frame.scaleMm, roomMm - 52)) / 1.5
  return [0.55 * best, best, 1.35 * best]
}
const supportMm = (frame: Frame, roomMm = frame.middleMm) => heroMm(frame, 0.68, Math.min(roomMm, frame.roomMm))
const small = [0, 85, 140] as const
/** Where no more than this is free in the middle, one stem in a bud vase is a centerpiece; common practice, no source. */
const SMALL_MIDDLE_MM = 240

/** How much less suits what cannot be laid again along a long table: our own starting value. */
const ALONE = 0.6

/** On a long table those of which there are enough for groups all along it come first. */
function repeatable(options: readonly Option[], frame: Frame, times: number): Option[] {
  if (!isLongTable(frame)) return [...options]
  return options.map((one) => (one.count < times ? { ...one, suits: ALONE * one.suits } : one)).sort((a, b) => b.suits - a.suits)
}

const seatsRound = (frame: Frame) => frame.ring?.length ?? 2

export const programs: Readonly<Record<PatternName, Program>> = {
  'one-focus': {
    led: true,
    leastMm: 120,
    needs: [['mass', 'compote', 'bud']],
    wanted: (stock, frame, brief) => ({
      hero: [
        ...repeatable(masses(stock, leading(frame), 1, heroMm(frame)), frame, 3),
        ...(Math.max(frame.middleMm, frame.roomMm) < SMALL_MIDDLE_MM ? enough(stock, ['bud'], 1) : [])
      ],
      support: frame.ring && brief.candles !== 'none' ? [null] : [...masses(stock, ['mass', 'fruit', 'compote'], frame.ring ? 4 : 2, supportMm(frame)), null],
      light: lights(stock, brief, Math.min(4, seatsRound(frame)))
    }),
    lay: focus
  },
  'open-middle': {
    leastMm: 800,
    needs: [['mass', 'compote']],
    wanted: (stock, frame, brief) => ({ hero: masses(stock, ['mass', 'compote'], 2, heroMm(frame, 0.9, frame.roomMm)), light: lights(stock, brief, 2) }),
    lay: (cast, table, stock) => withTails(twoFoci(cast, table), lowLight(cast, stock), table)
  },
  flanked: {
    led: true,
    leastMm: LEAST_SPINE_MM,
    needs: [
      ['mass', 'compote'],
      ['mass', 'fruit', 'compote']
    ],
    wanted: (stock, frame, brief) => ({
      hero: masses(stock, leading(frame), 1, heroMm(frame)),
      support: masses(stock, ['mass', 'compote', 'fruit'], frame.ring ? Math.max(2, seatsRound(frame) / 2) : 2, supportMm(frame)),
      light: lights(stock, brief, 2)
    }),
    lay: (cast, table, stock) => (table.frame.ring ? flanked(cast, table) : withTails(flanked(cast, table), lowLight(cast, stock), table))
  },
  run: {
    leastMm: LEAST_SPINE_MM,
    needs: [['mass', 'compote', 'fruit']],
    wanted: (stock, frame, brief) => ({
      hero: masses(stock, ['mass', 'compote'], frame.ring ? Math.max(3, seatsRound(frame) / 2) : 3, supportMm(frame, frame.roomMm)),
      light: lights(stock, brief, 2, ['stick', 'votive']),
      accent: brief.candles === 'none' ? masses(stock, ['fruit', 'small'], 2, small) : [null]
    }),
    lay: (cast, table, stock) => [...richRun(cast, table, stock.fruit.find((one) => one.count >= 2) ?? null), ...run(cast, table)]
  },
  garland: {
    fixed: true,
    leastMm: 600,
    needs: [['garland']],
    wanted: (stock, _, brief) => ({
      base: stock.garland,
      light: lights(stock, brief, 2, ['stick', 'hurricane', 'votive']).filter((one) => one === null || isAboveGreens(one)),
      accent: [...masses(stock, ['fruit', 'small'], 2, small), null]
    }),
    lay: garland
  },
  'gathered-tray': {
    leastMm: 450,
    needs: [['tray'], ['mass', 'compote', 'bud']],
    wanted: (stock, frame, brief) => ({
      base: repeatable(
        stock.tray.filter((one) => widthOf(one.piece) < 0.3 * frame.acrossMm),
        frame,
        2
      ),
      hero: repeatable(masses(stock, ['mass', 'compote'], 1, [75, 140, 210]), frame, 2),
      light: lights(stock, brief, 1, ['stick', 'votive', 'hurricane']),
      accent: [...masses(stock, ['fruit', 'small'], 1, small), null]
    }),
    lay: (cast, table) => repeated(gatheredTray(cast, table), table)
  },
  patch: {
    led: true,
    leastMm: 450,
    needs: [
      ['mass', 'compote'],
      ['fruit', 'small']
    ],
    wanted: (stock, frame, brief) => ({
      hero: masses(stock, ['mass', 'compote'], 1, heroMm(frame)),
      support: [...masses(stock, ['mass'], 2, supportMm(frame)), null],
      accent: masses(stock, ['fruit', 'small'], 4, small),
      light: lights(stock, brief, 2)
    }),
    lay: patch
  },
  scatter: {
    fixed: true,
    leastMm: 400,
    needs: [['fruit', 'small', 'bud']],
    wanted: (stock, _, brief) => ({
      accent: masses(stock, ['fruit', 'small'], 6, [0, 72, 120]),
      support: [...masses(stock, ['fruit', 'small'], 4, [0, 80, 110]), null],
      light: lights(stock, brief, 6, ['votive'])
    }),
    lay: (cast, table, _, seed) => scatter(cast, table, seed)
  },
  'bud-vases': {
    leastMm: 400,
    needs: [['bud']],
    wanted: (stock, frame, brief) => ({
      hero: enough(stock, ['bud'], frame.ring ? Math.max(4, seatsRound(frame)) : 3),
      light: [...lights(stock, brief, frame.ring ? 1 : 2, ['votive', 'stick']), ...(brief.candles === 'none' ? [] : [null])]
    }),
    lay: (cast, table, stock) => (cast.hero ? budVases(cast, table, budsLike(cast.hero, stock, table.frame)) : [])
  },
  'edible-board': {
    fixed: true,
    leastMm: 600,
    needs: [['board'], ['fruit']],
    wanted: (stock, frame, brief) => ({
      base: repeatable(
        stock.board.filter((one) => widthOf(one.piece) < 0.3 * frame.acrossMm),
        frame,
        2
      ),
      accent: repeatable(masses(stock, ['fruit'], 2, small), frame, 6),
      hero: [...enough(stock, ['compote'], 1), null],
      support: [...enough(stock, ['bud'], 2), null],
      light: lights(stock, brief, 2, ['stick', 'votive'])
    }),
    lay: (cast, table) => repeated(edibleBoard(cast, table), table)
  }
}

/** The low light that goes with sticks, of another kind than what is cast. */
function lowLight({ light }: Cast, stock: Stock): Option | null {
  return light?.part === 'stick' ? (stock.votive[0] ?? null) : null
}

/** Bud vases of one glass: on a line all its heights, the highest first; in a ring those of one height. */
function budsLike(hero: Option, stock: Stock, frame: Frame): Option[] {
  const own = stock.bud.filter((one) => one.family.id === hero.family.id)
  if (frame.ring) return [hero, ...own.filter((one) => one !== hero)]
  const order = (one: Option) => hero.family.pieces.findIndex((piece) => piece.id === one.piece.id)
  return own.sort((a, b) => order(a) - order(b))
}
