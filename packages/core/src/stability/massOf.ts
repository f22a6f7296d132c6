import { CRUMPLED, POURED_SHARE } from '../reference/fillings.js'
import type { Standing } from '../centerpiece/standing.js'
import type { PieceIndex } from '../design/find.js'
import { extentSize, levelMm2, type Material, type Tray } from '../design/piece.js'
import { densityGPerCm3, HEAD_GRAMS_PER_CM2, shellMm, solidFill, STEM_DENSITY, WATER_SHARE } from '../reference/materials.js'
import { LEG_MM } from '../solids/pieceSolids.js'
import { isBody, type WorldSolid } from '../solids/solid.js'

/** A mass with the height of its center above the tabletop. */
export interface Mass {
  readonly grams: number
  readonly centerMm: number
}

/** Volume of a solid in cubic millimeters and the height of its centroid: frustum and box, exact (mensuration). */
export function volumeOf(solid: WorldSolid): { readonly mm3: number; readonly centerMm: number } {
  const h = solid.z1Mm - solid.z0Mm
  if (solid.kind === 'box') return { mm3: 4 * solid.halfXMm * solid.halfYMm * h, centerMm: solid.z0Mm + h / 2 }
  const [a, b] = [solid.r0Mm, solid.r1Mm]
  const sum = a * a + a * b + b * b
  return { mm3: (Math.PI * h * sum) / 3, centerMm: sum > 0 ? solid.z0Mm + (h * (a * a + 2 * a * b + 3 * b * b)) / (4 * sum) : solid.z0Mm + h / 2 }
}

/** Share of a candlestick that is material: our own starting value. */
const HOLDER_FILL = 0.7

const masses = new WeakMap<Standing, { readonly index: PieceIndex; readonly mass: Mass }>()

/** A piece's own mass: its body, water, stems, candle; not what stands on it. */
export function massOf(standing: Standing, index: PieceIndex): Mass {
  const earlier = masses.get(standing)
  if (earlier?.index === index) return earlier.mass
  const mass = together([bodyOf(standing), ...contents(standing, index), ...looseIn(standing)])
  masses.set(standing, { index, mass })
  return mass
}

export function together(parts: readonly Mass[]): Mass {
  const grams = parts.reduce((sum, mass) => sum + mass.grams, 0)
  return { grams, centerMm: grams > 0 ? parts.reduce((sum, mass) => sum + mass.grams * mass.centerMm, 0) / grams : 0 }
}

function bodyOf(one: Standing): Mass {
  const { piece, footMm } = one
  if (one.manner) return laidMass(one)
  const body = one.solids.filter(isBody)
  switch (piece.kind) {
    case 'vessel':
      if (piece.form === 'lantern') return together(body.map((solid) => lanternPart(solid, piece.material)))
      return together([...body.map((solid) => shellOf(solid, piece.material)), baseOf(levelMm2(piece, piece.baseMm), footMm, piece.material)])
    case 'holder':
      return together(body.map((solid) => filled(solid, piece.material, HOLDER_FILL)))
    case 'tray': {
      const thickMm = floorThickMm(piece)
      const parts = body.flatMap((solid) => {
        if (solid.part !== 'body') return [filled(solid, piece.material, Math.min(1, (2 * shellMm[piece.material]) / (solid.z1Mm - solid.z0Mm || 1)))]
        const { mm3 } = volumeOf({ ...solid, z1Mm: solid.z0Mm + thickMm })
        const floor = { grams: grams(mm3, piece.material), centerMm: footMm + piece.floorMm - thickMm / 2 }
        return piece.rimMm > piece.floorMm ? [floor, shellOf(solid, piece.material)] : [floor]
      })
      return together(parts)
    }
    case 'riser':
      return together(body.map((solid) => (solid.part === 'legs' ? legsOf(solid, piece.material) : filled(solid, piece.material, solidFill[piece.material]))))
    default:
      return together(body.map((solid) => filled(solid, piece.material, solidFill[piece.material])))
  }
}

/** The foot plate is solid, the room has panes of glass, the roof is a sheet. */
function lanternPart(solid: WorldSolid, material: Material): Mass {
  if (solid.part === 'base') return filled(solid, material, 1)
  return shellOf(solid, solid.part === 'panes' ? 'glass' : material)
}

/** A floor is no thicker than its material is worked, whatever the foot below it. */
function floorThickMm({ floorMm, material }: Tray): number {
  return Math.min(floorMm, 2 * shellMm[material])
}

/** What leans, hangs or goes round weighs what it weighs flat, about where its solids are. */
function laidMass({ piece, placed, solids }: Standing): Mass {
  const volumes = solids.map(volumeOf)
  const mm3 = volumes.reduce((sum, volume) => sum + volume.mm3, 0)
  const centerMm = mm3 > 0 ? volumes.reduce((sum, volume) => sum + volume.mm3 * volume.centerMm, 0) / mm3 : 0
  if (!('extent' in piece)) return { grams: 0, centerMm }
  const { lengthMm, widthMm } = extentSize(piece.extent)
  const thickMm = piece.kind === 'tray' ? floorThickMm(piece) : piece.heightMm
  const fill = piece.kind === 'tray' ? 1 : solidFill[piece.material]
  return { grams: grams(lengthMm * placed.part * widthMm * thickMm, piece.material) * fill, centerMm }
}

const grams = (mm3: number, material: Material) => (mm3 / 1000) * densityGPerCm3[material]

function filled(solid: WorldSolid, material: Material, fill: number): Mass {
  const { mm3, centerMm } = volumeOf(solid)
  return { grams: grams(mm3, material) * fill, centerMm }
}

/** Four legs. */
function legsOf({ z0Mm, z1Mm }: WorldSolid, material: Material): Mass {
  return { grams: grams(4 * LEG_MM ** 2 * (z1Mm - z0Mm), material), centerMm: (z0Mm + z1Mm) / 2 }
}

/** The wall of a frustum or box along its slope, as thick as its material is usually worked. */
function shellOf(solid: WorldSolid, material: Material): Mass {
  const h = solid.z1Mm - solid.z0Mm
  const slope = solid.kind === 'frustum' ? Math.hypot(h, solid.r1Mm - solid.r0Mm) : h
  const [around0, around1] =
    solid.kind === 'frustum' ? [2 * Math.PI * solid.r0Mm, 2 * Math.PI * solid.r1Mm] : [4 * (solid.halfXMm + solid.halfYMm), 4 * (solid.halfXMm + solid.halfYMm)]
  const area = ((around0 + around1) / 2) * slope
  const centerMm = solid.z0Mm + (h * (around0 + 2 * around1)) / (3 * (around0 + around1) || 1)
  return { grams: grams(area * shellMm[material], material), centerMm }
}

function baseOf(baseMm2: number, footMm: number, material: Material): Mass {
  return { grams: grams(baseMm2 * 1.5 * shellMm[material], material), centerMm: footMm + shellMm[material] / 2 }
}

/** What lies loose in it, with the air between. */
function looseIn({ filling, solids }: Standing): Mass[] {
  const solid = solids.find(({ part }) => part === 'filling')
  return filling && solid ? [filled(solid, filling.material, filling.kind === 'supply' ? POURED_SHARE : 1 / CRUMPLED)] : []
}

function contents({ piece, placed, candle, footMm, topMm }: Standing, index: PieceIndex): Mass[] {
  if (candle && piece.kind === 'holder') {
    const mm3 = Math.PI * (candle.diameterMm / 2) ** 2 * candle.heightMm
    return [{ grams: grams(mm3, candle.material), centerMm: footMm + piece.heightMm + candle.heightMm / 2 }]
  }
  if (!placed.arrangement || piece.kind !== 'vessel') return []
  const depthMm = piece.depthMm * WATER_SHARE
  const fromMm = footMm + piece.heightMm - piece.depthMm
  const waterMm2 = levelMm2(piece, (piece.baseMm + piece.widestMm) / 2)
  const parts: Mass[] = []
  let fresh = false
  for (const { stemId, count } of placed.arrangement.stems) {
    const stem = index.get(stemId)
    if (stem?.kind !== 'stem') continue
    if (stem.material === 'plant') fresh = true
    const stalk = Math.PI * (stem.thicknessMm / 2) ** 2 * (topMm - fromMm)
    parts.push(
      { grams: (count * stalk * STEM_DENSITY) / 1000, centerMm: (fromMm + topMm) / 2 },
      { grams: count * (stem.headMm / 10) ** 2 * HEAD_GRAMS_PER_CM2, centerMm: footMm + piece.heightMm + placed.arrangement.riseMm * 0.75 }
    )
  }
  if (fresh) parts.push({ grams: (waterMm2 * depthMm) / 1000, centerMm: fromMm + depthMm / 2 })
  return parts
}
