import { findPiece, type PieceIndex } from '../design/find.js'
import type { Arrangement, Placed } from '../design/look.js'
import {
  extentSize,
  longerMm,
  type Candle,
  type Extent,
  type Holder,
  type Ornament,
  type Riser,
  type StandingPiece,
  type Tray,
  type Vessel
} from '../design/piece.js'
import { shellMm } from '../reference/materials.js'
import { opacity, opacityOf } from '../reference/opacity.js'
import { box, frustum, type Solid } from './solid.js'

/** Radii of a vessel at foot, widest point and mouth, with the height of the widest point as a share of its height. */
export const vesselBelly: Record<Vessel['form'], number> = { jug: 0.4, bowl: 0.85, bottle: 0.35, cylinder: 0.5, trough: 0.9, cloche: 0.5, lantern: 0.5 }

/** A bowl whose floor is this share of its height above the table stands on a foot, as compotes and urns do. Our own starting value. */
const FOOTED_FROM = 0.25
/** The stem of a footed bowl as a share of its foot, and the floor of its bowl as a share of its width: our own starting values. */
const STEM_OF_FOOT = 0.3
const FLOOR_OF_BOWL = 0.55

/** A bowl on a foot: radii of its stem and of its bowl's floor, and how high that is; null for all other vessels. */
export function footedBowl({ form, baseMm, widestMm, mouthMm, heightMm, depthMm }: Vessel) {
  const floorMm = heightMm - depthMm
  if (form !== 'bowl' || floorMm < FOOTED_FROM * heightMm) return null
  return { floorMm, stemMm: (STEM_OF_FOOT * baseMm) / 2, floorRadiusMm: Math.min(mouthMm, FLOOR_OF_BOWL * widestMm) / 2 } as const
}

/** Foot plate of a lantern, below its room; its panes are as thick as they are: our own starting values. */
export const LANTERN_FLOOR_MM = 12
/** Foot plate of a candlestick, and how thick its cup is: our own starting values. */
const HOLDER_FOOT_MM = 12
const HOLDER_WALL_MM = 3
/** Post of a tiered stand. */
const POST_MM = 14
const PLATE_MM = 6

/** A standing piece with what is in it, as solids from its foot up. */
export function pieceSolids(piece: StandingPiece, placed: Laid, index: PieceIndex): Solid[] {
  const own = solidsOf(piece, placed, index)
  return placed.filling && isSupport(piece) ? [...own, loose(piece, placed.filling.heightMm)] : own
}

/** What of a placed piece its solids are made of. */
type Laid = Pick<Placed, 'candle' | 'arrangement' | 'part'> & { readonly filling?: Placed['filling'] }

/** What lies loose on the floor of a piece, between its walls. */
function loose(piece: Support, heightMm: number): Solid {
  const from = standHeightMm(piece)
  return { ...block(floorExtent(piece), from, from + heightMm, opacity.solid), part: 'filling' }
}

function solidsOf(piece: StandingPiece, placed: Laid, index: PieceIndex): Solid[] {
  switch (piece.kind) {
    case 'vessel':
      return [...vesselSolids(piece), ...(placed.arrangement && takesStems(piece) ? arrangementSolids(piece, placed.arrangement, index) : [])]
    case 'holder': {
      const candle = findPiece(index, placed.candle?.candleId, 'candle')
      return [...holderSolids(piece), ...(candle ? candleSolids(piece, candle) : [])]
    }
    case 'riser':
      return riserSolids(piece)
    case 'tray':
      return [block(piece.extent, 0, piece.rimMm, opacityOf(piece.material)), ...upperSolids(piece)]
    case 'ornament':
      return ornamentSolids(placed.part < 1 ? { ...piece, extent: shortened(piece.extent, placed.part) } : piece)
  }
}

/** How thick the legs of a stand are, and its top at the least: our own starting values. */
export const LEG_MM = 12
const TOP_MM = 12

/** A stand on legs is its top and what one sees of four legs, spread over the room below. */
function riserSolids({ extent, heightMm, legs, material }: Riser): Solid[] {
  const share = opacityOf(material)
  if (!legs) return [block(extent, 0, heightMm, share)]
  const fromMm = heightMm - riserTopMm({ heightMm, material })
  const { lengthMm, widthMm } = extentSize(extent)
  return [
    block(extent, fromMm, heightMm, share),
    { ...block(extent, 0, fromMm, Math.min(1, (2 * LEG_MM) / Math.min(lengthMm, widthMm)) * share), part: 'legs' }
  ]
}

/** How thick the top of a stand on legs is: as its material is worked, never more than a third of its height. */
function riserTopMm({ heightMm, material }: Pick<Riser, 'heightMm' | 'material'>): number {
  return Math.min(heightMm / 3, Math.max(TOP_MM, 2 * shellMm[material]))
}

function block(extent: Extent, z0Mm: number, z1Mm: number, share: number): Solid {
  const { lengthMm, widthMm } = extentSize(extent)
  if (extent.kind === 'round') return frustum(z0Mm, z1Mm, lengthMm / 2, lengthMm / 2, share)
  return box(z0Mm, z1Mm, lengthMm / 2, widthMm / 2, share)
}

/** A length cut from something long. */
export function shortened(extent: Extent, part: number): Extent {
  const { lengthMm, widthMm } = extentSize(extent)
  return { kind: 'rectangle', lengthMm: lengthMm * part, widthMm }
}

/** The post of a tiered stand between its levels, and the levels. */
function upperSolids(piece: Tray): Solid[] {
  const share = opacityOf(piece.material)
  return piece.upper.flatMap((tier, i) => {
    const fromMm = i === 0 ? piece.rimMm : piece.upper[i - 1]!.heightMm
    return [
      frustum(fromMm, Math.max(fromMm, tier.heightMm - PLATE_MM), POST_MM / 2, POST_MM / 2, share, 'post'),
      frustum(tier.heightMm - PLATE_MM, tier.heightMm, tier.diameterMm / 2, tier.diameterMm / 2, share, 'level')
    ]
  })
}

/** Whether flowers stand in it: not below a cloche, nor in a lantern. */
export function takesStems(vessel: Vessel): boolean {
  return vessel.form !== 'cloche' && vessel.form !== 'lantern'
}

function lanternSolids({ baseMm, widestMm, heightMm, depthMm }: Vessel): Solid[] {
  const half = baseMm / 2
  const roofMm = Math.min(heightMm, LANTERN_FLOOR_MM + depthMm)
  return [
    box(0, LANTERN_FLOOR_MM, half, half, opacity.solid, 'base'),
    box(LANTERN_FLOOR_MM, roofMm, half, half, opacity.clearGlass, 'panes'),
    ...(heightMm > roofMm ? [frustum(roofMm, heightMm, widestMm / 2, widestMm / 8, opacity.solid, 'roof')] : [])
  ]
}

/** Its lower half narrows to its foot as its walls do on the mean, the upper half is as wide as it gets. */
function troughSolids(vessel: Vessel, share: number): Solid[] {
  const low = (vessel.baseMm + vessel.widestMm) / 4
  const wide = vessel.widestMm / 2
  const more = longerMm(vessel) / 2
  const midMm = vessel.heightMm / 2
  return [box(0, midMm, low + more, low, share), box(midMm, vessel.heightMm, wide + more, wide, share)]
}

function vesselSolids(vessel: Vessel): Solid[] {
  if (vessel.form === 'lantern') return lanternSolids(vessel)
  const share = opacityOf(vessel.material)
  if (vessel.form === 'trough') return troughSolids(vessel, share)
  const footed = footedBowl(vessel)
  if (footed)
    return [
      frustum(0, footed.floorMm, vessel.baseMm / 2, footed.stemMm, share, 'base'),
      frustum(footed.floorMm, vessel.heightMm, footed.floorRadiusMm, vessel.widestMm / 2, share)
    ]
  const bellyMm = vessel.heightMm * vesselBelly[vessel.form]
  return [frustum(0, bellyMm, vessel.baseMm / 2, vessel.widestMm / 2, share), frustum(bellyMm, vessel.heightMm, vessel.widestMm / 2, vessel.mouthMm / 2, share)]
}

/** Stems fan out of the mouth to the spread; the upper part is the mass of heads. Shares: docs/decisions/0003-solids.md. */
export const STEMS_SHARE = 0.35
const HEADS_TOP_SHARE = 0.6

function arrangementSolids(vessel: Vessel, arrangement: Arrangement, index: PieceIndex): Solid[] {
  const foot = vessel.heightMm
  const top = foot + arrangement.riseMm
  const neck = foot + arrangement.riseMm * STEMS_SHARE
  const crown = foot + arrangement.riseMm * 0.75
  const r = arrangement.spreadMm / 2
  if (vessel.form === 'trough') {
    const more = longerMm(vessel) / 2
    const [mouth, high] = [Math.min(vessel.mouthMm / 2, r), (r * (1 + HEADS_TOP_SHARE)) / 2]
    return [
      box(foot, neck, (mouth + r) / 2 + more, (mouth + r) / 2, opacity.airyBranches, 'stems'),
      box(neck, crown, r + more, r, massOpacity(arrangement, index), 'heads'),
      box(crown, top, high + more, high, massOpacity(arrangement, index), 'heads')
    ]
  }
  return [
    frustum(foot, neck, Math.min(vessel.mouthMm / 2, r), r, opacity.airyBranches, 'stems'),
    frustum(neck, crown, r, r, massOpacity(arrangement, index), 'heads'),
    frustum(crown, top, r, r * HEADS_TOP_SHARE, massOpacity(arrangement, index), 'heads')
  ]
}

/** Leafy line and foliage alone stay airy; heads make a loose mass. */
function massOpacity(arrangement: Arrangement, index: PieceIndex): number {
  let heads = 0
  let all = 0
  for (const { stemId, count } of arrangement.stems) {
    const stem = findPiece(index, stemId, 'stem')
    all += count
    if (stem && (stem.role === 'focal' || stem.role === 'filler')) heads += count
  }
  return all > 0 && heads / all >= 0.3 ? opacity.looseFlowers : opacity.airyBranches
}

/** Whether a holder rises on a post above its foot plate. */
export function hasPost(holder: Holder): boolean {
  return holder.heightMm > HOLDER_FOOT_MM
}

function holderSolids(holder: Holder): Solid[] {
  const share = opacityOf(holder.material)
  const foot = frustum(0, Math.min(HOLDER_FOOT_MM, holder.heightMm), holder.baseMm / 2, holder.baseMm / 2, share, 'base')
  const cup = holder.cupMm / 2 + HOLDER_WALL_MM
  const post = hasPost(holder) ? [frustum(foot.z1Mm, holder.heightMm, cup, cup, share, 'post')] : []
  if (!holder.chimney) return [foot, ...post]
  const glass = holder.chimney.innerMm / 2 + HOLDER_WALL_MM
  return [foot, ...post, frustum(holder.heightMm, holder.chimney.rimMm, glass, glass, opacity.clearGlass, 'chimney')]
}

function candleSolids(holder: Holder, candle: Candle): Solid[] {
  return [frustum(holder.heightMm, holder.heightMm + candle.heightMm, candle.diameterMm / 2, candle.diameterMm / 2, opacity.solid, 'candle')]
}

function ornamentSolids(piece: Ornament): Solid[] {
  const { lengthMm, widthMm } = extentSize(piece.extent)
  const r = Math.min(lengthMm, widthMm) / 2
  switch (piece.form) {
    case 'greens':
    case 'garland':
    case 'grass':
    case 'wreath':
    case 'lights':
      return [block(piece.extent, 0, piece.heightMm, opacity.airyBranches)]
    case 'compote':
      return [
        frustum(0, piece.heightMm * 0.45, r * 0.5, r * 0.2, opacityOf(piece.material), 'base'),
        frustum(piece.heightMm * 0.45, piece.heightMm * 0.7, r * 0.4, r, opacityOf(piece.material)),
        frustum(piece.heightMm * 0.7, piece.heightMm, r * 0.9, r * 0.5, opacity.denseMass, 'fill')
      ]
    default:
      return [block(piece.extent, 0, piece.heightMm, opacity.solid)]
  }
}

/** Height at which another piece stands on or in this one, at a level of a tiered stand. */
export function standHeightMm(piece: StandingPiece, level = 0): number {
  switch (piece.kind) {
    case 'tray':
      return level > 0 ? (piece.upper[level - 1]?.heightMm ?? piece.floorMm) : piece.floorMm
    case 'riser':
      return piece.heightMm
    case 'vessel':
      if (piece.form === 'lantern') return LANTERN_FLOOR_MM
      return piece.form === 'cloche' ? 0 : Math.max(0, piece.heightMm - piece.depthMm)
    default:
      return 0
  }
}

/** How high a thing may be that stands in this one, at a level; null where nothing is above it. */
export function headroomMm(piece: Support, level = 0): number | null {
  if (piece.kind === 'tray') {
    const above = piece.upper[level]
    return above ? above.heightMm - PLATE_MM - standHeightMm(piece, level) : null
  }
  return piece.kind === 'vessel' && !takesStems(piece) ? piece.depthMm : null
}

export type Support = Extract<StandingPiece, { kind: 'riser' | 'vessel' }> | Tray

export function isSupport(piece: StandingPiece): piece is Support {
  return piece.kind === 'riser' || piece.kind === 'tray' || piece.kind === 'vessel'
}

/** The floor of a support at a level, within its walls. */
export function floorExtent(piece: Support, level = 0): Extent {
  if (piece.kind === 'vessel') {
    if (piece.form === 'lantern') return { kind: 'square', sideMm: piece.baseMm }
    if (piece.form === 'trough') return { kind: 'rectangle', lengthMm: piece.baseMm + longerMm(piece), widthMm: piece.baseMm }
    return { kind: 'round', diameterMm: piece.form === 'cloche' ? piece.baseMm : Math.max(piece.baseMm, piece.mouthMm) }
  }
  const tier = piece.kind === 'tray' ? piece.upper[level - 1] : undefined
  if (tier) return { kind: 'round', diameterMm: tier.diameterMm }
  if (piece.kind === 'riser' || piece.wallMm === 0) return piece.extent
  const less = 2 * piece.wallMm
  const { lengthMm, widthMm } = extentSize(piece.extent)
  if (piece.extent.kind === 'round') return { kind: 'round', diameterMm: Math.max(1, lengthMm - less) }
  return { kind: piece.extent.kind === 'oval' ? 'oval' : 'rectangle', lengthMm: Math.max(1, lengthMm - less), widthMm: Math.max(1, widthMm - less) }
}

/** Above this height what stands in a support shows; null where there is no wall round it. */
export function rimHeightMm(piece: Support, level = 0): number | null {
  if (piece.kind === 'riser') return null
  if (piece.kind === 'vessel') return !takesStems(piece) || piece.material === 'glass' ? null : piece.heightMm
  return level === 0 && piece.rimMm > piece.floorMm ? piece.rimMm : null
}
