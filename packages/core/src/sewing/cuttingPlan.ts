import type { Sewing } from '../design/look.js'

/** A strip across the fabric: the same pieces side by side, so long along the fabric. */
interface CutStrip {
  readonly lengthMm: number
  readonly pieces: readonly { readonly itemId: string; readonly widthMm: number; readonly lengthMm: number }[]
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
 * A cutting plan in strips across the fabric, first fit by falling length: pieces of about one length share a strip as far as the width goes.
 * Cut size is the finished size with a hem on every side and the shrinkage over it.
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
  const strips: { lengthMm: number; leftMm: number; pieces: CutStrip['pieces'][number][] }[] = []
  for (const cut of cuts.sort((x, y) => y.alongMm - x.alongMm || y.acrossMm - x.acrossMm)) {
    let strip = strips.find((one) => one.leftMm >= cut.acrossMm - 1e-6 && one.lengthMm >= cut.alongMm - 1e-6)
    if (!strip) {
      strip = { lengthMm: cut.alongMm, leftMm: sewing.fabricWidthMm, pieces: [] }
      strips.push(strip)
    }
    strip.leftMm -= cut.acrossMm
    strip.pieces.push({ itemId: cut.itemId, widthMm: cut.acrossMm, lengthMm: cut.alongMm })
  }
  return {
    strips: strips.map(({ lengthMm, pieces }) => ({ lengthMm, pieces })),
    fabricMm: Math.ceil(strips.reduce((sum, strip) => sum + strip.lengthMm, 0)),
    boundMm: Math.ceil(cuts.reduce((sum, cut) => sum + cut.acrossMm * cut.alongMm, 0) / sewing.fabricWidthMm),
    panels
  }
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
