import { centerpieceFindings } from '../centerpiece/centerpieceFindings.js'
import { atMeal, standings, type Standing } from '../centerpiece/standing.js'
import type { BareFinding } from '../design/finding.js'
import { pieceIndex } from '../design/find.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { compositionFigures } from '../composition/compositionFigures.js'
import { compositionFindings } from '../composition/compositionFindings.js'
import { cordFindings, cordRoutes } from '../composition/cords.js'
import { coverThese, coverTheseFindings } from '../composition/coverThese.js'
import { wallFindings } from '../composition/wallFindings.js'
import { clearing, clearingFindings } from '../stability/clearing.js'
import { stabilityFindings } from '../stability/stabilityFindings.js'
import { tilts } from '../stability/tilt.js'
import { floralFigures, floralFindings } from '../florals/floralFindings.js'
import { halfLengthMm } from '../geometry/outline.js'
import { candleEvenings, lightFindings } from '../light/lightFindings.js'
import { coverFindings, coverSpots } from '../linens/coverFindings.js'
import { linenFigures, linenFindings } from '../linens/linenFindings.js'
import { buyList } from '../money/buyList.js'
import { moneyFindings } from '../money/moneyFindings.js'
import { placeWidthMm } from '../reference/places.js'
import { guestEyes } from '../seating/eyes.js'
import { seatingFindings } from '../seating/seatingFindings.js'
import { capacity, narrowestMm, seatPlan, type SeatPlan } from '../seating/seatPlan.js'
import { laidItems, type LaidItem } from '../settings/settingCrowding.js'
import { settingFindings } from '../settings/settingFindings.js'
import { settingItems, type SettingLayout } from '../settings/settingItems.js'
import { placeLayouts, widestLayout } from '../settings/settingKinds.js'
import { allSettings, settingIds } from '../design/settingIds.js'
import { roomFindings } from '../seating/roomFindings.js'
import { buffetRun, sharedItems } from '../serving/buffet.js'
import { servings, type Serving } from '../serving/dishes.js'
import { menuFindings } from '../serving/menuFindings.js'
import { tableDishes } from '../serving/tableDishes.js'
import { stackFindings } from '../settings/stackFindings.js'
import { clearHeightMm } from '../sight/clearHeight.js'
import { viewFindings } from '../sight/roomViews.js'
import { sightFindings } from '../sight/sightFindings.js'
import { sightLines, type SightLines } from '../sight/sightLines.js'
import { tableSight, type TableSight } from '../sight/tableSight.js'
import type { Figures } from './figures.js'
import { memo, stableList } from './memo.js'

/** A look worked out: its geometry, its figures and what was noticed, remedies not yet looked for. */
export interface Measured {
  readonly plan: SeatPlan
  readonly layout: SettingLayout
  readonly laid: readonly (readonly LaidItem[])[]
  readonly standing: readonly Standing[]
  readonly lines: SightLines
  readonly figures: Figures
  readonly findings: readonly BareFinding[]
}

/** `trial` leaves out the heights at which pieces would hide nobody: a remedy being tried needs none. */
export type Measure = (look: Look, trial?: boolean) => Measured

/** A measuring function that works out again only what changed since its last few looks. */
export function createMeasure(): Measure {
  const plan = memo((table: Look['table'], guests: Look['guests'], school: Look['school']) => seatPlan({ table, guests, school }))
  const seats = memo((table: Look['table'], guests: Look['guests'], school: Look['school'], seated: SeatPlan) => ({
    figures: seatFigures(table, school, seated),
    findings: seatingFindings({ table, guests, school }, seated)
  }))
  const stablePieces = stableList<Piece>()
  const stableStanding = stableList<Standing>()
  const layouts = memo((parts: SettingParts, seated: SeatPlan) => {
    const byPlace = placeLayouts({ ...parts, guests: seated.guests }, seated.places)
    const kinds = [...new Set(byPlace.map((one) => one.layout))]
    return {
      layout: widestLayout(kinds, settingItems(parts)),
      laid: seated.places.map((place, i) => laidItems(place, byPlace[i]!.layout, byPlace[i]!.mirrored))
    }
  })
  const settingParts = memo(
    (setting: Look['setting'], kinds: Look['kinds'], occasion: Look['occasion'], menu: Look['menu'], pieces: readonly Piece[]): SettingParts => ({
      setting,
      kinds,
      occasion,
      menu,
      pieces
    })
  )
  const settings = memo(settingFindings)
  const linens = memo((look: LinenParts, seated: SeatPlan, items: SettingLayout) => {
    const figures = linenFigures(look as Look, seated)
    return { figures, findings: linenFindings(look as Look, seated, items, figures) }
  })
  const linenParts = memo((...[lin, pieces, school, table]: [Look['linens'], Look['pieces'], Look['school'], Look['table']]): LinenParts => ({
    linens: lin,
    pieces,
    school,
    table
  }))
  const middle = memo((pieces: readonly Standing[], items: readonly (readonly LaidItem[])[], seated: SeatPlan) =>
    centerpieceFindings(pieces, items, seated.outline)
  )
  const covers = memo((look: LinenParts, seated: SeatPlan, items: readonly (readonly LaidItem[])[], pieces: readonly Standing[]) => {
    const spots = coverSpots(look, seated, items, pieces)
    return { spots, findings: coverFindings(spots) }
  })
  const composed = memo(
    (
      around: Look['room'],
      school: Look['school'],
      pieces: Look['pieces'],
      placed: Look['centerpiece'],
      all: readonly Standing[],
      seated: SeatPlan,
      depthMm: number
    ) => {
      const figures = compositionFigures({ room: around, school, pieces, centerpiece: placed }, all, seated, depthMm)
      const toCover = coverThese({ room: around, pieces }, all, seated)
      return {
        figures: { ...figures, toCover },
        findings: [...compositionFindings({ school, centerpiece: placed }, figures), ...coverTheseFindings(school, toCover)]
      }
    }
  )
  const stability = memo((look: StabilityParts, all: readonly Standing[], seated: SeatPlan) => {
    const tilted = tilts(all, pieceIndex(look))
    const cleared = clearing(all, tilted, look.pieces)
    return {
      figures: { tilts: tilted, clearing: cleared },
      findings: [...stabilityFindings(look, all, tilted, seated.outline), ...clearingFindings(look, cleared)]
    }
  })
  const stabilityParts = memo(
    (...[household, school, table, menu, pieces]: [Look['household'], Look['school'], Look['table'], Look['menu'], Look['pieces']]) => ({
      household,
      school,
      table,
      menu,
      pieces
    })
  )
  const wall = memo((look: WallParts, all: readonly Standing[], seated: SeatPlan) => {
    const cords = cordRoutes(look, all, seated.outline)
    return {
      figures: cords,
      findings: [...wallFindings(look, all, seated.outline), ...viewFindings(look, all, seated.outline), ...cordFindings(look, all, cords)]
    }
  })
  const wallParts = memo((...[around, table, pieces, lin, school]: [Look['room'], Look['table'], Look['pieces'], Look['linens'], Look['school']]) => ({
    room: around,
    table,
    pieces,
    linens: lin,
    school
  }))
  const lines = memo((seated: SeatPlan, table: Look['table']) => sightLines(guestEyes(seated, table)))
  const sight = memo((sights: SightLines, pieces: readonly Standing[], trial: boolean) => {
    const found = tableSight(sights, atMeal(pieces))
    return { figures: sightFigures(found, sights, trial ? [] : pieces), findings: sightFindings(found) }
  })
  const light = memo((pieces: readonly Standing[], look: Look) => {
    const candles = candleEvenings(look)
    const lives = candles.map((candle) => candle.lifeMin)
    return {
      figures: { candles, shortestMin: lives.length > 0 ? Math.min(...lives) : null, flames: candles.filter((candle) => candle.flame).length },
      findings: lightFindings(look, pieces, candles)
    }
  })
  const room = memo((table: Look['table'], around: Look['room'], linens: Look['linens'], seated: SeatPlan, pieces: readonly Standing[]) =>
    roomFindings({ table, room: around, guests: seated.guests, linens }, seated, pieces)
  )
  const stack = memo((parts: SettingParts, seated: SeatPlan) => stackFindings({ ...parts, guests: seated.guests }))
  const dishes = memo((menu: Look['menu'], guests: Look['guests'], cupboard: Look['pieces']) => servings({ menu, guests, pieces: cupboard }))
  const dishRoom = memo(
    (cupboard: Look['pieces'], seated: SeatPlan, set: readonly (readonly LaidItem[])[], pieces: readonly Standing[], all: readonly Serving[]) =>
      tableDishes({ pieces: cupboard }, seated, set, pieces, all)
  )
  const served = memo((look: Look, seated: SeatPlan, set: readonly (readonly LaidItem[])[], pieces: readonly Standing[]) => {
    const all = dishes(look.menu, look.guests, look.pieces)
    const onTable = dishRoom(look.pieces, seated, set, pieces, all)
    return { figures: { servings: all, onTable, buffet: buffetRun(all), shared: sharedItems(look) }, findings: menuFindings(look, all, onTable) }
  })
  const florals = byUse((look: Look) => {
    const figures = floralFigures(look)
    return { figures, findings: floralFindings(look, figures) }
  })
  const money = byUse((look: Look) => {
    const figures = buyList(look)
    return { figures, findings: moneyFindings(figures, look) }
  })

  const whole = memo((look: Look, trial: boolean): Measured => {
    const seated = plan(look.table, look.guests, look.school)
    const parts = settingParts(look.setting, look.kinds, look.occasion, look.menu, stablePieces(settingPieces(look)))
    const { layout: items, laid: set } = layouts(parts, seated)
    const pieces = stableStanding(standings(look))
    const sights = lines(seated, look.table)
    const s = seats(look.table, look.guests, look.school, seated)
    const laidLinens = linenParts(look.linens, look.pieces, look.school, look.table)
    const l = linens(laidLinens, seated, items)
    const cover = covers(laidLinens, seated, set, pieces)
    const seen = sight(sights, pieces, trial)
    const onWalls = wall(wallParts(look.room, look.table, look.pieces, look.linens, look.school), pieces, seated)
    const middleOf = composed(look.room, look.school, look.pieces, look.centerpiece, pieces, seated, items.depthMm)
    const stands = stability(stabilityParts(look.household, look.school, look.table, look.menu, look.pieces), pieces, seated)
    const lit = light(pieces, look)
    const grown = florals(look)
    const paid = money(look)
    const meal = served(look, seated, set, pieces)
    return {
      plan: seated,
      layout: items,
      laid: set,
      standing: pieces,
      lines: sights,
      figures: {
        seats: s.figures,
        linens: { ...l.figures, spots: cover.spots },
        setting: withoutItems(items),
        composition: middleOf.figures,
        stability: stands.figures,
        cords: onWalls.figures,
        sight: seen.figures,
        light: lit.figures,
        florals: grown.figures,
        serving: meal.figures,
        money: paid.figures
      },
      findings: [
        ...s.findings,
        ...room(look.table, look.room, look.linens, seated, pieces),
        ...settings(seated, items, set),
        ...stack(parts, seated),
        ...meal.findings,
        ...l.findings,
        ...cover.findings,
        ...middle(pieces, set, seated),
        ...middleOf.findings,
        ...stands.findings,
        ...onWalls.findings,
        ...seen.findings,
        ...lit.findings,
        ...grown.findings,
        ...paid.findings
      ]
    }
  })
  return (look, trial = false) => whole(look, trial)
}

/** Remembers the last result for as long as nothing changed but where things stand. */
function byUse<Result>(work: (look: Look) => Result): (look: Look) => Result {
  let last: { readonly look: Look; readonly result: Result } | undefined
  return (look) => {
    if (!last || !sameUse(last.look, look)) last = { look, result: work(look) }
    return last.result
  }
}

function sameUse(a: Look, b: Look): boolean {
  if (a.centerpiece.length !== b.centerpiece.length) return false
  if ((Object.keys(b) as (keyof Look)[]).some((key) => key !== 'centerpiece' && a[key] !== b[key])) return false
  return a.centerpiece.every((one, i) => {
    const other = b.centerpiece[i]!
    return (
      one === other ||
      (one.id === other.id &&
        one.pieceId === other.pieceId &&
        one.candle === other.candle &&
        one.arrangement === other.arrangement &&
        one.part === other.part &&
        one.on === other.on &&
        one.atMeal === other.atMeal)
    )
  })
}

type SettingParts = Pick<Look, 'setting' | 'kinds' | 'occasion' | 'menu' | 'pieces'>
type LinenParts = Pick<Look, 'linens' | 'pieces' | 'school' | 'table'>
type StabilityParts = Pick<Look, 'household' | 'school' | 'table' | 'menu' | 'pieces'>
type WallParts = Pick<Look, 'room' | 'table' | 'pieces' | 'linens' | 'school'>

function seatFigures(table: Look['table'], school: Look['school'], plan: SeatPlan): Figures['seats'] {
  const narrowest = narrowestMm(plan.places)
  return {
    guests: plan.places.length,
    lengthMm: 2 * halfLengthMm(plan.outline),
    widthMm: 2 * plan.outline.halfWidthMm,
    places: plan.places,
    narrowestMm: narrowest === Infinity ? null : narrowest,
    wantedMm: placeWidthMm[school.comfort],
    capacity: { tight: capacity(table, 'tight'), usual: capacity(table, 'usual'), roomy: capacity(table, 'roomy') }
  }
}

/** Clear heights are worked out for the pieces past the limit; the others hide too little to ask. */
function sightFigures(sight: TableSight, lines: SightLines, pieces: readonly Standing[]): Figures['sight'] {
  const { hidden, ...rest } = sight
  const byId = new Map(pieces.map((piece) => [piece.placed.id, piece]))
  return {
    ...rest,
    hidden: Array.from({ length: sight.count }, (_, from) => Array.from(hidden.subarray(from * sight.count, (from + 1) * sight.count))),
    clearHeights: sight.costs
      .filter((cost) => cost.blames.length > 0)
      .flatMap((cost) => {
        const piece = byId.get(cost.placedId)
        return piece ? [{ placedId: cost.placedId, heightMm: piece.topMm, clearMm: clearHeightMm(piece, lines, 0) }] : []
      })
  }
}

/** The pieces the settings name, in their order. */
function settingPieces(look: Pick<Look, 'setting' | 'kinds' | 'pieces'>): Piece[] {
  const index = pieceIndex(look)
  const ids = allSettings(look).flatMap(settingIds)
  return [...new Set(ids)].flatMap((id) => (id != null && index.has(id) ? [index.get(id)!] : []))
}

function withoutItems({ order, missing, leftMm, rightMm, widthMm, depthMm }: SettingLayout): Figures['setting'] {
  return { order, missing, leftMm, rightMm, widthMm, depthMm }
}
