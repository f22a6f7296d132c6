import { isHollowCorner, runAt, type Polygon, type Run } from '../geometry/polygon.js'
import { CHAIR_DEPTH_MM, CHAIR_WIDTH_MM } from '../reference/places.js'
import { PLATE_LINE_MM } from './placesOnCapsule.js'
import { cornerKeptMm, cornerShare, laidKept, type BoxRules } from './placesOnBox.js'
import { shareWidths } from './placeWidths.js'
import { placePose, type Place } from './places.js'

/** Who sits on each run with what they ask for, what its ends keep free, and the widths the guests there have. */
interface Share {
  readonly run: Run
  count: number
  askedMm: readonly number[]
  keepStartMm: number
  keepEndMm: number
  widthsMm: readonly number[]
}

/** Sides within some ten degrees of square count as square: our own starting value. */
const SQUARE_COS = 0.17

/** Chairs round a hollow corner must not meet: the longer side leaves this much from the corner to its first guest's middle. */
const HOLLOW_MM = CHAIR_DEPTH_MM + CHAIR_WIDTH_MM / 2

/**
 * Places on a table of any form, counter-clockwise. Guests come one by one to the side where the next has most room, so that one guest less
 * never makes another's place narrower. At a corner with guests on both sides the longer side gives way.
 */
export function placesOnRuns(outline: Polygon, askedMm: readonly number[], rules: BoxRules): Place[] {
  const shares = shareOut(outline, askedMm, rules)
  const places = shares.flatMap(placesOf)
  return places.map((place, i) => ({ ...place, number: i + 1 }))
}

function shareOut(outline: Polygon, askedMm: readonly number[], rules: BoxRules): Share[] {
  const shares = outline.runs.map((run): Share => ({ run, count: 0, askedMm: [], keepStartMm: 0, keepEndMm: 0, widthsMm: [run.lengthMm] }))
  const seats = shares.filter(({ run }) => !run.walled && (run.kind !== 'head' || rules.heads === 'open'))
  if (seats.length === 0) return shares
  for (let guest = 0; guest < askedMm.length; guest++) {
    const room = (share: Share) => share.run.lengthMm / (share.count + 1)
    seats.reduce((best, share) => (room(share) > room(best) + 1e-6 ? share : best)).count++
  }
  let seated = 0
  for (const share of shares) share.askedMm = askedMm.slice(seated, (seated += share.count))
  settleCorners(shares, rules)
  return shares
}

/** What the corners keep depends on the widths and the other way round: settled in a few rounds. */
function settleCorners(shares: Share[], rules: BoxRules): void {
  for (let round = 0; round < 30; round++) {
    for (const [i, from] of shares.entries()) {
      const to = shares[(i + 1) % shares.length]!
      const hollow = isHollowCorner(from.run, to.run)
      const fromYields = from.run.lengthMm > to.run.lengthMm || (from.run.lengthMm === to.run.lengthMm && i % 2 === 0)
      const corner = { hollow, square: isSquare(from.run, to.run) }
      from.keepEndMm = fromYields
        ? keptMm(from, endWidth(from), to, to.keepStartMm + to.widthsMm[0]! / 2, corner, rules)
        : legsOnly(from, endWidth(from), rules, hollow)
      to.keepStartMm = fromYields
        ? legsOnly(to, to.widthsMm[0]!, rules, hollow)
        : keptMm(to, to.widthsMm[0]!, from, from.keepEndMm + endWidth(from) / 2, corner, rules)
    }
    for (const share of shares) {
      const part = rules.laid ? cornerShare(rules.laid, share.run.lengthMm, share.askedMm, share.keepStartMm + share.keepEndMm) : 1
      share.keepStartMm *= part
      share.keepEndMm *= part
      const freeMm = Math.max(1, share.run.lengthMm - share.keepStartMm - share.keepEndMm)
      share.widthsMm = share.count > 0 ? shareWidths(freeMm, share.askedMm) : [freeMm]
    }
  }
}

const endWidth = (share: Share) => share.widthsMm[share.widthsMm.length - 1]!

function legsOnly(share: Share, widthMm: number, rules: BoxRules, hollow: boolean): number {
  return hollow || share.count === 0 ? 0 : cornerKeptMm({ halfWidthMm: Infinity }, false, rules, widthMm)
}

interface Corner {
  readonly hollow: boolean
  readonly square: boolean
}

/** Whether two sides meet at a right angle, where what is laid can be held against what is laid round the corner. */
function isSquare(from: Run, to: Run): boolean {
  const [a, b] = [runAt(from, from.lengthMm), runAt(to, 0)]
  return Math.abs(a.outX * b.outX + a.outY * b.outY) < SQUARE_COS
}

function keptMm(share: Share, widthMm: number, other: Share, otherMiddleMm: number, { hollow, square }: Corner, rules: BoxRules): number {
  if (share.count === 0) return 0
  const taken = other.count > 0
  if (hollow) return taken ? Math.max(0, HOLLOW_MM - widthMm / 2) : 0
  if (rules.laid && square) return laidKept(rules.laid, otherMiddleMm, taken, rules.legReachMm)(widthMm)
  return cornerKeptMm({ halfWidthMm: otherMiddleMm }, taken, rules, widthMm)
}

function placesOf({ run, count, keepStartMm, widthsMm }: Share): Omit<Place, 'number'>[] {
  let fromMm = keepStartMm
  return widthsMm.slice(0, count).map((width) => {
    const [from, at, to] = [0, 0.5, 1].map((n) => runAt(run, fromMm + n * width))
    fromMm += width
    const chord = (insideMm: number) =>
      Math.hypot(to!.x - to!.outX * insideMm - from!.x + from!.outX * insideMm, to!.y - to!.outY * insideMm - from!.y + from!.outY * insideMm)
    return {
      side: run.kind,
      ...placePose(at!.x, at!.y, -at!.outX, -at!.outY),
      widthMm: chord(0),
      plateLineWidthMm: chord(PLATE_LINE_MM)
    }
  })
}
