import type { Standing } from '../centerpiece/standing.js'
import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { extentSize, type Flaw } from '../design/piece.js'
import { overlapMm, type Footprint } from '../geometry/footprint.js'
import { contains, spanMm } from '../geometry/outline.js'
import { toFrame, type Point } from '../geometry/point.js'
import type { SeatPlan } from '../seating/seatPlan.js'
import type { LaidItem } from '../settings/settingCrowding.js'
import { laidRunners, straightTextile, type Strip } from './runnerStrips.js'

/** A spot that something must stand on or lie over, in the table's frame. */
export interface CoverSpot extends Point {
  readonly pieceId: string
  readonly kind: Flaw['kind'] | 'seam'
  readonly covered: boolean
}

type Parts = Pick<Look, 'linens' | 'pieces' | 'table'>
type Cover = readonly Footprint[]

/** A seam is looked at in so many spots across the table. */
const SEAM_SPOTS = 24
/** A seam reads as covered when no more than this share of it lies bare: our own starting value. */
const SEAM_BARE_SHARE = 0.4

/**
 * Holes, slits and stains of what is laid, and the seam of two cloths joined, each with whether something of the meal covers it. A textile that
 * is folded is folded so that its flaws lie inside.
 */
export function coverSpots(look: Parts, plan: SeatPlan, laid: readonly (readonly LaidItem[])[], standing: readonly Standing[]): CoverSpot[] {
  const index = pieceIndex(look)
  const { clothId, topper, runner, lapMm } = look.linens
  const cloth = findPiece(index, clothId, 'cloth')
  const over = findPiece(index, topper?.pieceId, 'cloth')
  const textile = straightTextile(index, runner?.pieceId)
  const strips = textile ? (laidRunners(look, index, plan)?.strips ?? []) : []
  const whole = runner?.folded.length === 1 && runner.folded.width === 1
  const bare = !cloth?.flaws.length && !over?.flaws.length && !(textile?.flaws.length && whole) && (lapMm === null || !cloth)
  if (bare) return []
  const things: Cover = [...laid.flat().map((item) => item.shape), ...standing.filter((one) => one.placed.atMeal).map((one) => one.foot)]
  const runners: Cover = strips.map(stripFoot)
  const topping: Cover = over
    ? [
        {
          kind: 'rect',
          x: 0,
          y: 0,
          turnRad: topper!.turned ? Math.PI / 4 : 0,
          halfXMm: extentSize(over.extent).lengthMm / 2,
          halfYMm: extentSize(over.extent).widthMm / 2
        }
      ]
    : []
  const spot = (pieceId: string, kind: CoverSpot['kind'], at: Point, covers: Cover): CoverSpot[] =>
    contains(plan.outline, at) ? [{ pieceId, kind, x: at.x, y: at.y, covered: covers.some((cover) => isOn(cover, at)) }] : []
  const flawsOf = (pieceId: string, flaws: readonly Flaw[], covers: Cover) =>
    flaws.flatMap(({ kind, xMm, yMm }) => spot(pieceId, kind, { x: xMm, y: yMm }, covers))
  const seam =
    cloth && lapMm !== null
      ? Array.from({ length: SEAM_SPOTS }, (_, i) => ({ x: 0, y: spanMm(plan.outline) * ((i + 0.5) / SEAM_SPOTS - 0.5) })).flatMap((at) =>
          spot(cloth.id, 'seam', at, [...things, ...runners, ...topping])
        )
      : []
  return [
    ...(cloth ? flawsOf(cloth.id, cloth.flaws, [...things, ...runners, ...topping]) : []),
    ...(over ? flawsOf(over.id, over.flaws, [...things, ...runners]) : []),
    ...(textile && whole && strips[0] ? textile.flaws.flatMap((flaw) => spot(textile.piece.id, flaw.kind, onStrip(flaw, strips[0]!), things)) : []),
    ...seam
  ]
}

const stripFoot = ({ x, y, halfXMm, halfYMm }: Strip): Footprint => ({ kind: 'rect', x, y, turnRad: 0, halfXMm, halfYMm })

/** Where a flaw lies on a runner: its length runs along the strip's longer side. */
function onStrip({ xMm, yMm }: Flaw, strip: Strip): Point {
  return strip.halfXMm >= strip.halfYMm ? { x: strip.x + xMm, y: strip.y + yMm } : { x: strip.x - yMm, y: strip.y + xMm }
}

function isOn(cover: Footprint, at: Point): boolean {
  if (cover.kind === 'disc') return overlapMm(cover, { kind: 'disc', x: at.x, y: at.y, radiusMm: 0 }) >= 0
  const local = toFrame(cover, at)
  return Math.abs(local.x) <= cover.halfXMm && Math.abs(local.y) <= cover.halfYMm
}

/** What of the linens shows a hole, a slit, a stain or a seam at the meal. */
export function coverFindings(spots: readonly CoverSpot[]): BareFinding[] {
  const pieces = [...new Set(spots.filter((spot) => spot.kind !== 'seam').map((spot) => spot.pieceId))]
  const flawed = pieces.flatMap((pieceId): BareFinding[] => {
    const bare = spots.filter((spot) => spot.pieceId === pieceId && spot.kind !== 'seam' && !spot.covered).length
    if (bare === 0) return []
    return [{ code: 'linen.flaw', severity: 'warn', at: { kind: 'linen', pieceId }, measured: { spots: bare }, limit: { spots: 0 }, because: 'cover-this' }]
  })
  const seam = spots.filter((spot) => spot.kind === 'seam')
  const share = seam.length === 0 ? 0 : seam.filter((spot) => !spot.covered).length / seam.length
  if (share <= SEAM_BARE_SHARE) return flawed
  return [
    ...flawed,
    {
      code: 'cloth.seam',
      severity: 'note',
      at: { kind: 'linen', pieceId: seam[0]!.pieceId },
      measured: { share },
      limit: { share: SEAM_BARE_SHARE },
      because: 'seam-bare'
    }
  ]
}
