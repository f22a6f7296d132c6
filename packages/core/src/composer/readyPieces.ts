import type { Look, Placed } from '../design/look.js'
import { newPlaced, plainStems } from '../design/newLook.js'
import { pieceIndex, piecesOf } from '../design/find.js'
import { pieceUses } from '../design/pieceUses.js'
import { isStanding, extentSize, type Candle, type Holder, type StandingPiece, type Stem, type Vessel } from '../design/piece.js'
import { arrangementNeeds } from '../florals/arrangementNeeds.js'
import { petCaution } from '../florals/petCaution.js'
import type { Random } from '../geometry/random.js'
import { takesStems } from '../solids/pieceSolids.js'
import { candleLifeMin } from '../light/candleLife.js'
import { holderFit } from '../light/holderFit.js'
import { greenMaterials } from '../reference/composition.js'
import { RECUT_MM } from '../reference/stems.js'
import type { Role } from './patternSlots.js'

/** A piece ready to be put into a slot, with its candle or flowers, and how many such there are. */
export interface Unit {
  readonly piece: StandingPiece
  readonly placed: Placed
  readonly roles: readonly Role[]
  count: number
}

const MEDIUM_MM = 100
/** No board or bowl wider than this share of the free width is a base. */
const BASE_SHARE = 0.9

/** What the house has for a pattern: every standing piece owned, as often as it is not locked in place or laid for the meal; none that shows a bare back. */
export function houseUnits(look: Look, freeWidthMm: number, random: Random): Unit[] {
  const locked = new Map<string, number>()
  for (const { role, pieceId } of pieceUses(look)) if (role === 'vessel') locked.set(pieceId, Infinity)
  for (const placed of look.centerpiece) if (placed.locked) locked.set(placed.pieceId, (locked.get(placed.pieceId) ?? 0) + 1)
  const lit = candleFor(look)
  return look.pieces.filter(isStanding).flatMap((piece): Unit[] => {
    const count = piece.owned - (locked.get(piece.id) ?? 0)
    const roles = rolesOf(piece, freeWidthMm)
    if (count <= 0 || roles.length === 0 || (piece.bareBack && look.guests.length > 0)) return []
    const before = look.centerpiece.find((placed) => placed.pieceId === piece.id)
    const placed: Placed = { ...newPlaced(piece.id, piece.id), candle: null, arrangement: null }
    if (piece.kind === 'holder') {
      const candle = before?.candle ?? lit(piece)
      return candle ? [{ piece, placed: { ...placed, candle }, roles, count }] : []
    }
    if (piece.kind === 'vessel' && takesStems(piece)) {
      const arrangement = before?.arrangement ?? flowersFor(look, piece, random)
      return arrangement ? [{ piece, placed: { ...placed, arrangement }, roles, count }] : []
    }
    return [{ piece, placed, roles, count }]
  })
}

/** What stands there unlocked, each piece by itself. */
export function placedUnits(look: Look, freeWidthMm: number): Unit[] {
  const index = pieceIndex(look)
  return look.centerpiece.flatMap((placed): Unit[] => {
    const piece = index.get(placed.pieceId)
    if (placed.locked || placed.part < 1 || placed.how !== 'standing' || !piece || !isStanding(piece)) return []
    return [{ piece, placed: { ...placed, level: 0 }, roles: rolesOf(piece, freeWidthMm), count: 1 }]
  })
}

function rolesOf(piece: StandingPiece, freeWidthMm: number): Role[] {
  switch (piece.kind) {
    case 'holder':
      return ['light']
    case 'vessel':
      if (!takesStems(piece)) return []
      return piece.mouthMm <= 40 ? ['bud'] : piece.heightMm >= MEDIUM_MM ? ['focal', 'medium'] : ['focal']
    case 'tray':
      if (piece.upper.length > 0) return piece.upper[piece.upper.length - 1]!.heightMm >= MEDIUM_MM ? ['medium'] : ['small']
      return extentSize(piece.extent).widthMm <= freeWidthMm * BASE_SHARE ? ['base'] : []
    case 'riser':
      return []
    case 'ornament':
      if (greenMaterials.includes(piece.material) && (piece.form === 'greens' || piece.form === 'garland' || piece.form === 'moss')) return ['green']
      if (piece.material === 'fruit' || piece.form === 'compote') return piece.heightMm >= MEDIUM_MM ? ['food', 'medium'] : ['food', 'small']
      if (piece.form === 'sign' || piece.form === 'throw' || piece.form === 'wreath' || piece.form === 'lights') return []
      return piece.heightMm >= MEDIUM_MM ? ['medium'] : ['small']
  }
}

/** The candle that stands in a holder and lasts; flameless first where animals or small children live. */
function candleFor(look: Look): (holder: Holder) => NonNullable<Placed['candle']> | null {
  const { cats, dogs, toddlers } = look.household
  const flameless = cats || dogs || toddlers
  const lightAtMin = Math.max(0, look.occasion.arriveMin - 15)
  const askedMin = look.occasion.endMin - lightAtMin
  const rank = (candle: Candle) => (flameless && candle.burn.kind === 'wax' ? 4 : 0) + (candleLifeMin(candle) >= askedMin ? 0 : 2) + (candle.owned > 0 ? 0 : 1)
  const candles = piecesOf(look, 'candle')
  return (holder) => {
    const best = candles.filter((candle) => !holderFit(holder, candle)).sort((a, b) => rank(a) - rank(b))[0]
    return best ? { candleId: best.id, lightAtMin } : null
  }
}

/** A share of each kind of stem in a mixed arrangement: our own starting values, handbook section 6. */
const mix = { focal: 0.2, filler: 0.3, line: 0.15, foliage: 0.35 } as const

/** Flowers that suit a vessel: one and a half times as wide as it, as high as stems reach and faces allow, of plants not listed for this house's animals. */
function flowersFor(look: Look, vessel: Vessel, random: Random): Placed['arrangement'] {
  const { cats, dogs } = look.household
  const harmless = (stem: Stem) => stem.material === 'faux' || !(cats || dogs) || petCaution(stem.genus) === 'listed-not-toxic'
  const bud = vessel.mouthMm <= 40
  const stems = piecesOf(look, 'stem').filter((stem) => harmless(stem) && stem.lengthMm > vessel.depthMm + RECUT_MM + 40)
  if (stems.length === 0) return null
  const pick = (role: Stem['role']) => {
    const ofRole = stems.filter((stem) => stem.role === role)
    return ofRole[Math.floor(random() * ofRole.length)]
  }
  if (bud) {
    const stem = pick('focal') ?? pick('filler') ?? stems[0]!
    return {
      stems: [{ stemId: stem.id, count: 1 }],
      riseMm: Math.min(90, stem.lengthMm - vessel.depthMm - RECUT_MM),
      spreadMm: Math.max(50, stem.headMm),
      ...plainStems
    }
  }
  const chosen = (Object.keys(mix) as (keyof typeof mix)[]).flatMap((role) => pick(role) ?? [])
  const reach = Math.min(...chosen.map((stem) => stem.lengthMm)) - vessel.depthMm - RECUT_MM
  const riseMm = Math.max(40, Math.min(Math.round(vessel.heightMm * 0.9), reach))
  const spreadMm = Math.round(Math.max(vessel.widestMm * 1.5, vessel.mouthMm * 1.4))
  const total = chosen.reduce((sum, stem) => sum + mix[stem.role], 0)
  const recipe = (count: number) => chosen.map((stem) => ({ stemId: stem.id, count: Math.max(1, Math.round((count * mix[stem.role]) / total)) }))
  const index = pieceIndex(look)
  const needs = arrangementNeeds(vessel, { stems: recipe(20), riseMm, spreadMm, ...plainStems }, look.school.fullness, index)
  return { stems: recipe(Math.max(chosen.length, Math.min(needs.stemsWanted + 1, needs.mouthMost))), riseMm, spreadMm, ...plainStems }
}

/** Takes a unit for a role, chosen at random among those left, in the order of the roles. */
export function takeUnit(units: readonly Unit[], wanted: readonly Role[], random: Random, accept: (unit: Unit) => boolean = () => true): Unit | undefined {
  for (const role of wanted) {
    const left = units.filter((unit) => unit.count > 0 && unit.roles.includes(role) && accept(unit))
    if (left.length === 0) continue
    const unit = left[Math.floor(random() * left.length)]!
    unit.count--
    return unit
  }
  return undefined
}
