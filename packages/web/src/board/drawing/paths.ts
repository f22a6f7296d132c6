import { footedBowl, longerMm, vesselBelly, type Extent, type Outline, type Point, type Vessel } from '@hestiad/core'

/** An outline centered on the origin as an SVG path, in millimeters. */
export function outlinePath(outline: Outline): string {
  if (outline.kind === 'box') return roundedRect(outline.halfLengthMm, outline.halfWidthMm, 14)
  if (outline.kind === 'polygon') return polygonPath(outline.points)
  const { straightMm, endMm: a, halfWidthMm: b } = outline
  const s = straightMm / 2
  return `M ${s} ${-b} A ${a} ${b} 0 0 1 ${s} ${b} L ${-s} ${b} A ${a} ${b} 0 0 1 ${-s} ${-b} Z`
}

/** A closed line through points. */
export function polygonPath(points: readonly Point[]): string {
  return `M ${points.map((p) => `${p.x} ${p.y}`).join(' L ')} Z`
}

export function roundedRect(halfX: number, halfY: number, radius: number): string {
  const r = Math.min(radius, halfX, halfY)
  return `M ${-halfX + r} ${-halfY} H ${halfX - r} Q ${halfX} ${-halfY} ${halfX} ${-halfY + r} V ${halfY - r} Q ${halfX} ${halfY} ${halfX - r} ${halfY} H ${-halfX + r} Q ${-halfX} ${halfY} ${-halfX} ${halfY - r} V ${-halfY + r} Q ${-halfX} ${-halfY} ${-halfX + r} ${-halfY} Z`
}

/** A piece's own extent as a path. */
export function extentPath(extent: Extent, corner = 8): string {
  switch (extent.kind) {
    case 'round':
      return ellipse(extent.diameterMm / 2, extent.diameterMm / 2)
    case 'oval':
      return ellipse(extent.lengthMm / 2, extent.widthMm / 2)
    case 'square':
      return roundedRect(extent.sideMm / 2, extent.sideMm / 2, corner)
    case 'rectangle':
      return roundedRect(extent.lengthMm / 2, extent.widthMm / 2, corner)
  }
}

/** Half of what is seen of a rectangle from a side that it is turned away from. */
export function seenHalfMm(lengthMm: number, widthMm: number, turnRad: number): number {
  return Math.abs((lengthMm / 2) * Math.cos(turnRad)) + Math.abs((widthMm / 2) * Math.sin(turnRad))
}

function ellipse(rx: number, ry: number): string {
  return `M ${rx} 0 A ${rx} ${ry} 0 0 1 ${-rx} 0 A ${rx} ${ry} 0 0 1 ${rx} 0 Z`
}

/** A slender leaf from the origin along +x. */
export function leaf(lengthMm: number, widthMm: number): string {
  return `M 0 0 Q ${lengthMm * 0.45} ${widthMm} ${lengthMm} 0 Q ${lengthMm * 0.45} ${-widthMm} 0 0 Z`
}

/** A level of a vessel from above that is so wide across. */
export function vesselPlan(vessel: Vessel, acrossMm: number): string {
  if (vessel.form === 'trough') return roundedRect((acrossMm + longerMm(vessel)) / 2, acrossMm / 2, 10)
  return ellipse(acrossMm / 2, acrossMm / 2)
}

/** A vessel seen from the side, foot at 0, upward positive, `turnRad` away from its own front. */
export function vesselPath(vessel: Vessel, turnRad = 0): string {
  const { baseMm, widestMm, mouthMm, heightMm, form } = vessel
  if (form === 'trough') {
    const half = (acrossMm: number) => seenHalfMm(acrossMm + longerMm(vessel), acrossMm, turnRad)
    const [foot, rim] = [half(baseMm), half(widestMm)]
    return `M ${-foot} 0 L ${-rim} ${heightMm - 7} Q ${-rim} ${heightMm} ${-rim + 7} ${heightMm} L ${rim - 7} ${heightMm} Q ${rim} ${heightMm} ${rim} ${heightMm - 7} L ${foot} 0 Z`
  }
  const footed = footedBowl(vessel)
  return footed
    ? footedProfile(baseMm / 2, widestMm / 2, mouthMm / 2, heightMm, footed)
    : vesselProfile(baseMm / 2, widestMm / 2, mouthMm / 2, heightMm, heightMm * vesselBelly[form])
}

/** A flared foot, a stem with a ring in its middle, a bowl. */
function footedProfile(b: number, w: number, m: number, h: number, { floorMm: f, stemMm: s, floorRadiusMm: r }: NonNullable<ReturnType<typeof footedBowl>>) {
  const d = h - f
  // points of the right side from the foot up, in threes as curves take them
  const curves = [
    [b * 0.95, f * 0.22, s, f * 0.2, s, f * 0.46],
    [s * 1.5, f * 0.5, s * 1.5, f * 0.62, s, f * 0.66],
    [s, f * 0.88, r * 0.7, f * 0.98, r, f + d * 0.06],
    [w * 0.92, f + d * 0.22, w, f + d * 0.5, w, f + d * 0.72],
    [w, f + d * 0.88, m, h - d * 0.06, m, h]
  ] as const
  const right = curves.map((c) => `C ${c[0]} ${c[1]} ${c[2]} ${c[3]} ${c[4]} ${c[5]}`).join(' ')
  const from = [[b, f * 0.1], ...curves.map((c) => [c[4], c[5]])] as const
  const left = curves
    .map((c, i) => `C ${-c[2]} ${c[3]} ${-c[0]} ${c[1]} ${-from[i]![0]!} ${from[i]![1]!}`)
    .reverse()
    .join(' ')
  return `M ${b} 0 L ${b} ${f * 0.1} ${right} L ${-m} ${h} ${left} L ${-b} 0 Z`
}

function vesselProfile(baseR: number, widestR: number, mouthR: number, height: number, bellyMm: number): string {
  const side = (sign: 1 | -1) => ({
    belly: `${sign * widestR} ${bellyMm}`,
    up: `C ${sign * widestR} ${bellyMm + (height - bellyMm) * 0.45} ${sign * mouthR} ${height - (height - bellyMm) * 0.5} ${sign * mouthR} ${height}`
  })
  return `M ${-baseR} 0 C ${-baseR - (widestR - baseR) * 0.7} ${bellyMm * 0.12} ${-widestR} ${bellyMm * 0.5} ${side(-1).belly} ${side(-1).up} L ${mouthR} ${height} C ${mouthR} ${height - (height - bellyMm) * 0.5} ${widestR} ${bellyMm + (height - bellyMm) * 0.45} ${side(1).belly} C ${widestR} ${bellyMm * 0.5} ${baseR + (widestR - baseR) * 0.7} ${bellyMm * 0.12} ${baseR} 0 Z`
}

/** A stemmed or straight glass seen from the side. */
export function glassProfile(footR: number, bowlR: number, height: number): string {
  if (height < bowlR * 2.8) return `M ${-footR} 0 L ${-bowlR} ${height} L ${bowlR} ${height} L ${footR} 0 Z`
  const stem = height * 0.42
  return `M ${-footR} 0 L ${-footR} 3 Q -4 8 -3.500 ${stem * 0.5} L -3.500 ${stem} C ${-bowlR} ${stem + 6} ${-bowlR * 1.12} ${stem + (height - stem) * 0.45} ${-bowlR * 0.9} ${height} L ${bowlR * 0.9} ${height} C ${bowlR * 1.12} ${stem + (height - stem) * 0.45} ${bowlR} ${stem + 6} 3.500 ${stem} L 3.500 ${stem * 0.5} Q 4 8 ${footR} 3 L ${footR} 0 Z`
}
