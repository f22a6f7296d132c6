import { createAssessor } from '../assess/assess.js'
import { layGarland } from '../centerpiece/layGarland.js'
import { applyEdit, makeEdit, type Edit } from '../design/edit.js'
import { standings } from '../centerpiece/standing.js'
import { findPiece, pieceIndex, type PieceIndex } from '../design/find.js'
import { footprintMm2 } from '../geometry/footprint.js'
import { FULLNESS_SHARE } from '../reference/composition.js'
import { findingKey, type BareFinding, type FindingCode } from '../design/finding.js'
import type { Look, PatternName, Placed } from '../design/look.js'
import { takeOffEdit } from '../design/takeOff.js'
import { extentSize } from '../design/piece.js'
import { seededRandom, type Random } from '../geometry/random.js'
import { freeMiddle, type FreeMiddle } from '../composition/freeMiddle.js'
import { planPart } from '../seating/parts.js'
import { layoutPart } from '../settings/parts.js'
import { linesPart } from '../sight/parts.js'
import { numberedId } from '../units/slug.js'
import { anneal, type OnProgress } from './anneal.js'
import { judge, keptShare, type Setting } from './energy.js'
import { patternSlots, type Role, type Slot } from './patternSlots.js'
import { houseUnits, placedUnits, takeUnit, type Unit } from './readyPieces.js'

export interface ProposeOptions {
  readonly pattern: PatternName
  /** Another seed, another arrangement. */
  readonly seed: number
  /** What stands there already, or anything of the house. */
  readonly from: 'placed' | 'house'
  readonly rounds?: number
  readonly onProgress?: OnProgress
}

/** An arrangement of the middle. */
export interface CenterpieceProposal {
  readonly edit: Edit
  /** Share of the rules of composition it keeps, 0 to 1. */
  readonly score: number
  readonly rounds: number
  readonly stopped: boolean
  /** Rules it could not keep: findings of fit, sight, stability, flames and composition that are left. */
  readonly unmet: readonly BareFinding[]
}

/** Rounds of search: enough for what ten times as many give within a few percent (bench line pattern-12). */
export const SEARCH_ROUNDS = 4000

/** What must not be left in a proposal as far as pieces it placed are concerned. */
const hardCodes: readonly FindingCode[] = [
  'piece.off',
  'piece.support',
  'piece.setting',
  'piece.piece',
  'piece.tips',
  'piece.opening',
  'piece.headroom',
  'piece.load',
  'cord.reach',
  'cord.floor',
  'piece.edge',
  'sight.hidden',
  'candle.misfit',
  'flame.near',
  'flame.flame'
]

/** What a proposal moves or cuts for as long as that mends it, and else tells. */
const softCodes: readonly FindingCode[] = ['art.hidden', 'view.hidden', 'socket.bare', 'cord.seen', 'cover.bare']
/** What is told of the whole table. */
const toldCodes: readonly FindingCode[] = [...hardCodes, ...softCodes, 'edge.hands', 'edge.tail']

/**
 * Lays out the middle by a pattern: roles into slots from the house or from what stands there, then annealed under fit, sight, flames and the
 * rules of composition, then freed of what is left of hard faults. Locked pieces stay. Same look and options, same proposal; undefined when
 * there is nothing to place.
 */
export function proposeCenterpiece(look: Look, options: ProposeOptions): CenterpieceProposal | undefined {
  const random = seededRandom(options.seed)
  const base: Look = { ...look, school: { ...look.school, pattern: options.pattern }, centerpiece: keptPieces(look) }
  const assessor = createAssessor()
  const { get } = assessor.measure(base)
  const { layout, laid } = get(layoutPart)
  const middle = freeMiddle(get(planPart), layout.depthMm)
  const units = options.from === 'house' ? houseUnits(look, middle.widthMm, random) : placedUnits(look, middle.widthMm)
  const start = filled(base, units, patternSlots(options.pattern, middle.lengthMm), middle, options, random)
  if (start.length === 0) return undefined
  const setting: Setting = { look: base, plan: get(planPart), laid, lines: get(linesPart), depthMm: layout.depthMm }
  const found = searched(setting, start, middle, options, random)
  const arranged = [...found.state, ...attached(look, [...base.centerpiece, ...found.state])]
  const cleaned = withoutFaults({ ...base, centerpiece: [...base.centerpiece, ...arranged] }, new Set(arranged.map((placed) => placed.id)), assessor)
  const after = assessor.measure(cleaned)
  const edit = makeEdit(look, 'put-on', (draft) => {
    draft.school.pattern = options.pattern
    draft.centerpiece = structuredClone(cleaned.centerpiece) as typeof draft.centerpiece
  })
  const unmet = after.findings.filter((finding) => toldCodes.includes(finding.code) || finding.code.startsWith('compose.'))
  return { edit, score: keptShare(cleaned.school, after.figures.composition), rounds: found.rounds, stopped: found.stopped, unmet }
}

/** Locked pieces with what carries them. */
function keptPieces(look: Look): Placed[] {
  const kept = new Set<string>()
  const byId = new Map(look.centerpiece.map((placed) => [placed.id, placed]))
  for (const placed of look.centerpiece)
    if (placed.locked)
      for (let one: Placed | undefined = placed; one && !kept.has(one.id); one = one.on === null ? undefined : byId.get(one.on)) kept.add(one.id)
  return look.centerpiece.filter((placed) => kept.has(placed.id))
}

/** What leaned against, hung over or lay round something that stands there again goes with it. */
function attached(look: Look, arranged: readonly Placed[]): Placed[] {
  const there = new Set(arranged.map((placed) => placed.id))
  return look.centerpiece.filter((placed) => placed.how !== 'standing' && placed.on !== null && there.has(placed.on) && !there.has(placed.id))
}

/** What a pattern cannot do without. */
const needed: Partial<Record<PatternName, Role>> = { garland: 'green', 'gathered-tray': 'base', 'edible-board': 'base' }

/** Units in the slots of a pattern, at their own spots; none without what the pattern stands on. */
function filled(base: Look, units: Unit[], slots: readonly Slot[], middle: FreeMiddle, options: ProposeOptions, random: Random): Placed[] {
  const placed: Placed[] = []
  let ground: { readonly id: string; readonly lengthMm: number; readonly widthMm: number } | null = null
  const taken = () => [...base.centerpiece, ...placed]
  const index = pieceIndex(base)
  const nearGreens = slots.some((slot) => slot.role === 'green' && slot.x === 0)
  for (const slot of slots) {
    if (slot.onBase && !ground) continue
    const small = (unit: Unit) => !slot.onBase || widthOf(unit) < (ground?.widthMm ?? 0) * 0.95
    const long = (one: Unit) => options.pattern !== 'garland' || slot.role !== 'green' || isGarland(one)
    const unit = takeUnit(units, [slot.role, ...slot.or], random, (one) => small(one) && long(one) && (!nearGreens || isTame(one, index)))
    if (!unit && needed[options.pattern] === slot.role) return []
    if (!unit) continue
    if (isGarland(unit)) {
      const laid = layGarland({ ...base, centerpiece: taken() }, { pieceId: unit.piece.id, path: 'middle', lengthMm: middle.lengthMm * 0.92 })
      placed.push(...applyEdit({ ...base, centerpiece: taken() }, laid.edit).centerpiece.slice(taken().length))
      continue
    }
    const id = idOf(unit, taken(), options)
    const [halfX, halfY] = slot.onBase ? [ground!.lengthMm / 2, ground!.widthMm / 2] : [middle.lengthMm / 2, middle.widthMm / 2]
    const round = (mm: number) => Math.round(mm)
    placed.push({
      ...unit.placed,
      id,
      on: slot.onBase ? ground!.id : null,
      group: null,
      xMm: round(slot.x * halfX * 0.85),
      yMm: round(slot.y * halfY * 0.85),
      turnDeg: 0
    })
    if (unit.piece.kind === 'tray') ground = { id, ...extentSize(unit.piece.extent) }
  }
  return [...placed, ...fillers(base, placed, units, middle, options, random)]
}

/** What stood there keeps its id. */
function idOf(unit: Unit, taken: readonly Placed[], { from }: ProposeOptions): string {
  return from === 'placed' ? unit.placed.id : numberedId(unit.piece.id, taken, 1)
}

/** More of what is left until the free middle is as full as the look asks. */
function fillers(base: Look, placed: readonly Placed[], units: readonly Unit[], middle: FreeMiddle, options: ProposeOptions, random: Random): Placed[] {
  const wantedMm2 = FULLNESS_SHARE[base.school.fullness][0] * 1.15 * middle.areaMm2
  const more: Placed[] = []
  const coveredMm2 = () =>
    standings({ pieces: base.pieces, centerpiece: [...base.centerpiece, ...placed, ...more] }).reduce((sum, { spread }) => sum + footprintMm2(spread), 0)
  while (more.length < MOST_FILLERS && coveredMm2() < wantedMm2) {
    const unit = takeUnit(units, more.length % 3 === 2 ? ['light', 'small', 'bud'] : ['medium', 'small', 'food', 'bud'], random)
    if (!unit) break
    const id = idOf(unit, [...base.centerpiece, ...placed, ...more], options)
    const at = { xMm: Math.round((random() - 0.5) * middle.lengthMm * 0.9), yMm: Math.round((random() - 0.5) * middle.widthMm * 0.6) }
    more.push({ ...unit.placed, id, on: null, group: null, turnDeg: 0, ...at })
  }
  return more
}

const MOST_FILLERS = 14

function isGarland({ piece }: Unit): boolean {
  return piece.kind === 'ornament' && piece.form === 'garland'
}

/** A light that may stand in greens: flameless, or behind glass. */
function isTame({ piece, placed }: Unit, index: PieceIndex): boolean {
  if (piece.kind !== 'holder') return true
  const candle = findPiece(index, placed.candle?.candleId, 'candle')
  return candle?.burn.kind === 'flameless' || piece.chimney !== null
}

function widthOf({ piece, placed }: Unit): number {
  if (piece.kind === 'vessel') return Math.max(piece.widestMm, placed.arrangement?.spreadMm ?? 0)
  return piece.kind === 'holder' ? piece.baseMm : extentSize(piece.extent).widthMm
}

/** How much a hard fault of 10 mm weighs against all rules of composition together. */
const HARD_WEIGHT = 0.4

function searched(setting: Setting, start: readonly Placed[], middle: FreeMiddle, options: ProposeOptions, random: Random) {
  const kept = setting.look.centerpiece
  const cost = (placed: readonly Placed[]) => {
    const { hard, kept: share } = judge(setting, [...kept, ...placed])
    return hard * HARD_WEIGHT + (1 - share) * 10
  }
  const movable = start.flatMap((placed, i) => (placed.part === 1 ? [i] : []))
  const neighbor = (state: readonly Placed[], heat: number) => (movable.length === 0 ? state : moved(state, movable, heat, middle, setting, random))
  return anneal<readonly Placed[]>(start, cost, neighbor, {
    rounds: options.rounds ?? SEARCH_ROUNDS,
    random,
    from: 1.5,
    to: 0.02,
    onProgress: options.onProgress
  })
}

/** One piece shifted, two exchanged, one turned, or flowers cut to another height. */
function moved(state: readonly Placed[], movable: readonly number[], heat: number, middle: FreeMiddle, { look }: Setting, random: Random): readonly Placed[] {
  const i = movable[Math.floor(random() * movable.length)]!
  const one = state[i]!
  const next = state.slice()
  const kind = random()
  if (kind < 0.15) {
    const j = movable[Math.floor(random() * movable.length)]!
    const other = state[j]!
    if (other.on !== one.on) return state
    next[i] = { ...one, xMm: other.xMm, yMm: other.yMm }
    next[j] = { ...other, xMm: one.xMm, yMm: one.yMm }
    return next
  }
  if (kind < 0.25 && one.arrangement) {
    const riseMm = Math.max(40, Math.round(one.arrangement.riseMm * (0.75 + 0.5 * random())))
    const piece = pieceIndex(look).get(one.pieceId)
    const reach = Math.min(...one.arrangement.stems.map(({ stemId }) => stemLength(look, stemId))) - (piece?.kind === 'vessel' ? piece.depthMm : 0) - 38
    next[i] = { ...one, arrangement: { ...one.arrangement, riseMm: Math.min(riseMm, Math.max(40, Math.floor(reach))) } }
    return next
  }
  if (kind < 0.3) {
    next[i] = { ...one, turnDeg: Math.round(random() * 24) * 15 }
    return next
  }
  const spread = 12 + heat * (one.on === null ? middle.lengthMm / 8 : 60)
  const [dx, dy] = gaussians(random)
  next[i] = { ...one, xMm: Math.round(one.xMm + dx * spread), yMm: Math.round(one.yMm + dy * spread * 0.5) }
  return next
}

function stemLength(look: Look, stemId: string): number {
  const stem = pieceIndex(look).get(stemId)
  return stem?.kind === 'stem' ? stem.lengthMm : Infinity
}

/** Two normal deviates by Box and Muller. */
function gaussians(random: Random): [number, number] {
  const radius = Math.sqrt(-2 * Math.log(Math.max(1e-12, random())))
  const angle = 2 * Math.PI * random()
  return [radius * Math.cos(angle), radius * Math.sin(angle)]
}

/** A piece is moved this often before it is taken off. */
const MOST_MOVES = 2

/** Mends what faults the search left, by the remedies that move or cut; what cannot be mended and is no matter of looks is taken off, of a flame and what it is near the flame. */
function withoutFaults(look: Look, own: ReadonlySet<string>, assessor: ReturnType<typeof createAssessor>): Look {
  let state = look
  const moves = new Map<string, number>()
  const givenUp = new Set<string>()
  for (;;) {
    const measured = assessor.measure(state)
    const mended = (finding: BareFinding) => hardCodes.includes(finding.code) || (softCodes.includes(finding.code) && !givenUp.has(findingKey(finding)))
    const fault = measured.each.find((finding) => mended(finding) && culprits(finding, own, state).length > 0)
    const culprit = fault && culprits(fault, own, state)[0]
    if (!fault || !culprit) return state
    const often = moves.get(culprit) ?? 0
    moves.set(culprit, often + 1)
    const remedy = often < MOST_MOVES ? assessor.remediesFor(state, fault).find((one) => one.code === 'move' || one.code === 'lower') : undefined
    if (!remedy && softCodes.includes(fault.code)) givenUp.add(findingKey(fault))
    else state = applyEdit(state, remedy?.edit ?? takeOffEdit(state, culprit))
  }
}

/** Ids of a finding that the proposal placed, a candle first. */
function culprits({ at }: BareFinding, own: ReadonlySet<string>, look: Look): string[] {
  if (at.kind !== 'piece') return []
  const lit = (id: string) => look.centerpiece.some((placed) => placed.id === id && placed.candle !== null)
  return [at.placedId, ...('otherId' in at && at.otherId !== null ? [at.otherId] : [])]
    .filter((id) => own.has(id))
    .sort((a, b) => Number(lit(b)) - Number(lit(a)))
}
