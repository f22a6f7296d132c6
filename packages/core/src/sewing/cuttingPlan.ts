import type { Sewing } from '../design/look.js'

/** A piece in its strip: its size and where it begins, across the fabric and along it. */
export interface CutPiece {
  readonly itemId: string
  readonly widthMm: number
  readonly lengthMm: number
  readonly acrossMm: number
  readonly alongMm: number
}

/** A strip across the fabric, so long along it. It is cut off whole, then into rows along the fabric, each row into its pieces. */
interface CutStrip {
  readonly lengthMm: number
  readonly pieces: readonly CutPiece[]
}

/** What to cut and how much fabric it takes. */
export interface CuttingPlan {
  readonly strips: readonly CutStrip[]
  /** Along the bolt, shrinkage and hems in. */
  readonly fabricMm: number
  /** No plan of strips can take less: the area of all pieces over the width. */
  readonly boundMm: number
  /** Pieces wider than the fabric either way: joined of panels, each a piece of its own, with the seams to cover. */
  readonly panels: readonly { readonly itemId: string; readonly count: number; readonly seams: number }[]
}

/** A seam between panels takes this much of each: common practice, no source. */
const SEAM_MM = 15

interface Cut {
  readonly itemId: string
  readonly acrossMm: number
  readonly alongMm: number
}

/**
 * A cutting plan in three cuts, first fit by falling length: strips across the fabric, rows along each strip, pieces along each row. What lies beside a
 * long piece is used for short ones, turned where they may be. Cut size is the finished size with a hem on every side and the shrinkage over it.
 */
export function cuttingPlan(sewing: Sewing): CuttingPlan {
  const panels: CuttingPlan['panels'][number][] = []
  const cuts = sewing.items.flatMap((item) => {
    const grow = 1 / (1 - sewing.shrinkPercent / 100)
    const a = (item.lengthMm + 2 * sewing.hemMm) * grow
    const b = (item.widthMm + 2 * sewing.hemMm) * grow
    const one = asCuts(item.id, a, b, sewing)
    if (one.length > 1) panels.push({ itemId: item.id, count: one.length, seams: one.length - 1 })
    return Array.from({ length: item.count }, () => one).flat()
  })
  const strips: OpenStrip[] = []
  for (const cut of cuts.sort((x, y) => y.alongMm - x.alongMm || y.acrossMm - x.acrossMm)) {
    const ways = sewing.mayTurn ? [cut, { ...cut, acrossMm: cut.alongMm, alongMm: cut.acrossMm }] : [cut]
    if (strips.some((strip) => ways.some((way) => intoRow(strip, way)))) continue
    if (strips.some((strip) => ways.some((way) => intoStrip(strip, way, sewing.fabricWidthMm)))) continue
    const strip: OpenStrip = { lengthMm: cut.alongMm, takenMm: 0, rows: [], pieces: [] }
    strips.push(strip)
    intoStrip(strip, cut, sewing.fabricWidthMm)
  }
  return {
    strips: strips.map(({ lengthMm, pieces }) => ({ lengthMm, pieces })),
    fabricMm: Math.ceil(strips.reduce((sum, strip) => sum + strip.lengthMm, 0)),
    boundMm: Math.ceil(cuts.reduce((sum, cut) => sum + cut.acrossMm * cut.alongMm, 0) / sewing.fabricWidthMm),
    panels
  }
}

interface OpenStrip {
  readonly lengthMm: number
  /** Of the width. */
  takenMm: number
  readonly rows: { readonly fromMm: number; readonly highMm: number; takenMm: number }[]
  readonly pieces: CutPiece[]
}

const CLOSE_MM = 1e-6

/** Into a row of a strip that has room left along it. */
function intoRow(strip: OpenStrip, { itemId, acrossMm, alongMm }: Cut): boolean {
  const row = strip.rows.find((one) => one.highMm >= acrossMm - CLOSE_MM && strip.lengthMm - one.takenMm >= alongMm - CLOSE_MM)
  if (!row) return false
  strip.pieces.push({ itemId, widthMm: acrossMm, lengthMm: alongMm, acrossMm: row.fromMm, alongMm: row.takenMm })
  row.takenMm += alongMm
  return true
}

/** Into a new row of a strip that has room left across. */
function intoStrip(strip: OpenStrip, cut: Cut, fabricWidthMm: number): boolean {
  if (fabricWidthMm - strip.takenMm < cut.acrossMm - CLOSE_MM || strip.lengthMm < cut.alongMm - CLOSE_MM) return false
  strip.rows.push({ fromMm: strip.takenMm, highMm: cut.acrossMm, takenMm: 0 })
  strip.takenMm += cut.acrossMm
  return intoRow(strip, cut)
}

/** One piece as it is cut: the way that wastes less of the width, in panels when it is too wide both ways. */
function asCuts(itemId: string, a: number, b: number, { fabricWidthMm, mayTurn }: Sewing): Cut[] {
  const ways = [...(b <= fabricWidthMm ? [{ across: b, along: a }] : []), ...(mayTurn && a <= fabricWidthMm ? [{ across: a, along: b }] : [])]
  const best = ways.sort((x, y) => x.along / Math.floor(fabricWidthMm / x.across) - y.along / Math.floor(fabricWidthMm / y.across))[0]
  if (best) return [{ itemId, acrossMm: best.across, alongMm: best.along }]
  const count = Math.ceil((Math.min(a, b) - 2 * SEAM_MM) / (fabricWidthMm - 2 * SEAM_MM))
  const across = Math.min(fabricWidthMm, Math.min(a, b) / count + 2 * SEAM_MM)
  return Array.from({ length: count }, () => ({ itemId, acrossMm: across, alongMm: Math.max(a, b) }))
}
