import { pieceIndex } from '../design/find.js'
import type { Guest, Look } from '../design/look.js'
import type { Dish, Service } from '../design/menu.js'
import { takesStems } from '../solids/pieceSolids.js'
import { extentSize, levelMm2, type Answer, type Piece, type ServingTool } from '../design/piece.js'
import { CHILD_SHARE, CHILD_UP_TO_YEARS, FILL_SHARE, gramsPerMl, GUESTS_PER_DISH, HEAP_MM, linedMaterials, portionOf, toolFor } from '../reference/portions.js'

/** One dish worked out for the company. */
export interface Serving {
  readonly dish: Dish
  readonly service: Service
  /** Portions for an adult; children count half. */
  readonly portions: number
  readonly amount: number
  readonly unit: 'g' | 'ml'
  /** What one vessel holds in the same unit; null while none is chosen, or the piece holds no food. */
  readonly holds: number | null
  /** How many such vessels are needed; 0 when it comes on the plate. */
  readonly vessels: number
  readonly tool: ServingTool
  /** The piece it is served with; null where the household has none of the kind. */
  readonly toolId: string | null
  /** Whether it must be lined: by its label, or as far as the material tells where nobody has read one. */
  readonly liner: boolean
  /** What the vessel's labels say of food and heat; null without a vessel. */
  readonly labels: { readonly foodSafe: Answer; readonly heatSafe: Answer } | null
  /** What has to lie under it. */
  readonly protection: 'heat-pad' | 'coaster' | null
  readonly label: boolean
}

type Parts = Pick<Look, 'menu' | 'guests' | 'pieces'>

/** All dishes of the menu worked out. */
export function servings(look: Parts): Serving[] {
  const index = pieceIndex(look)
  const toolOf = toolsFor(look)
  return look.menu.dishes.map((dish): Serving => {
    const piece = dish.vesselId === null ? undefined : index.get(dish.vesselId)
    const service = dish.service ?? look.menu.service
    const { amount, unit } = portionOf[dish.portion]
    const portions = (look.guests.reduce((sum, guest) => sum + shareOf(guest), 0) * dish.takenPercent) / 100
    const total = Math.ceil(portions * amount)
    const holds = piece ? capacityOf(piece, dish, unit) : null
    const shared = service === 'family' ? Math.ceil(look.guests.length / GUESTS_PER_DISH) : 1
    const vessels = service === 'plated' || total === 0 ? 0 : Math.max(shared, holds ? Math.ceil(total / holds) : 1)
    return {
      dish,
      service,
      portions,
      amount: total,
      unit,
      holds,
      vessels,
      tool: toolFor[dish.portion],
      toolId: vessels > 0 ? toolOf(dish, vessels) : null,
      liner: piece !== undefined && needsLiner(piece),
      labels: piece ? { foodSafe: piece.foodSafe, heatSafe: piece.heatSafe } : null,
      protection: service === 'plated' ? null : dish.temperature === 'hot' ? 'heat-pad' : dish.wet || dish.stains ? 'coaster' : null,
      label: service === 'buffet' || dish.contains !== '' || dish.broughtBy !== ''
    }
  })
}

/** What food may not touch: by the label, by the material where nobody has read one. */
function needsLiner(piece: Piece): boolean {
  return piece.foodSafe === 'no' || (piece.foodSafe === 'unknown' && linedMaterials.includes(piece.material))
}

/** Hands out the household's tools dish by dish: the one chosen, else one of the kind of which enough are left, else of which most are. */
function toolsFor(look: Parts): (dish: Dish, count: number) => string | null {
  const tools = look.pieces.filter((piece) => piece.kind === 'tool')
  const left = new Map(tools.map((piece) => [piece.id, piece.owned]))
  return (dish, count) => {
    const fitting = tools.filter((piece) => piece.tool === toolFor[dish.portion])
    const best = fitting.find((piece) => left.get(piece.id)! >= count) ?? fitting.sort((a, b) => left.get(b.id)! - left.get(a.id)!)[0]
    const id = dish.toolId ?? best?.id ?? null
    if (id !== null) left.set(id, (left.get(id) ?? 0) - count)
    return id
  }
}

function shareOf({ body }: Guest): number {
  return body.kind === 'child' && body.ageYears <= CHILD_UP_TO_YEARS ? CHILD_SHARE : 1
}

function capacityOf(piece: Piece, dish: Dish, unit: 'g' | 'ml'): number | null {
  const ml = foodMl(piece)
  return ml === null || ml <= 0 ? null : Math.floor(unit === 'ml' ? ml : ml * gramsPerMl[dish.portion])
}

/**
 * Milliliters of food a piece holds: a vessel as a frustum from foot to mouth, a soup plate as a cap of a sphere, both to 80 %; a flat plate, a
 * tray or a footed stand by its area, heaped. Null for what holds no food.
 */
export function foodMl(piece: Piece): number | null {
  switch (piece.kind) {
    case 'vessel': {
      if (!takesStems(piece)) return null
      const [a, b] = [levelMm2(piece, piece.baseMm), levelMm2(piece, piece.mouthMm)]
      return (FILL_SHARE * piece.depthMm * (a + Math.sqrt(a * b) + b)) / 3 / 1000
    }
    case 'plate': {
      const r = piece.diameterMm / 2
      if (piece.role === 'bowl') return (FILL_SHARE * Math.PI * piece.heightMm * (3 * r * r + piece.heightMm ** 2)) / 6 / 1000
      return piece.role === 'charger' ? null : (Math.PI * (0.7 * r) ** 2 * HEAP_MM) / 1000
    }
    case 'tray':
    case 'riser': {
      const { lengthMm, widthMm } = extentSize(piece.extent)
      const upper = piece.kind === 'tray' ? piece.upper.reduce((sum, tier) => sum + tier.diameterMm ** 2, 0) : 0
      return (0.7 * (lengthMm * widthMm + upper) * HEAP_MM) / 1000
    }
    case 'ornament': {
      const { lengthMm, widthMm } = extentSize(piece.extent)
      return piece.form === 'compote' ? (0.6 * lengthMm * widthMm * HEAP_MM) / 1000 : null
    }
    default:
      return null
  }
}

/** Pieces that dishes are served in and with, and how many of each. */
export function servingNeeds(look: Parts): { readonly pieceId: string; readonly count: number }[] {
  if (look.menu.dishes.length === 0) return []
  return servings(look).flatMap(({ dish, vessels, toolId }) =>
    vessels === 0 ? [] : [dish.vesselId, toolId].flatMap((pieceId) => (pieceId === null ? [] : [{ pieceId, count: vessels }]))
  )
}

/** Whether food is served in it at all: a bowl, a jug for what is poured, or what its label gives for food; other vessels are for flowers. */
function servesFood(piece: Piece, unit: 'g' | 'ml'): boolean {
  if (piece.kind !== 'vessel' || piece.foodSafe === 'yes') return true
  return piece.form === 'bowl' || (piece.form === 'jug' && unit === 'ml')
}

/** Pieces that could serve a dish, the most fitting first: food-safe as far as label or material tell, holding it in the fewest, owned most. */
export function vesselsFor(look: Parts, serving: Serving): { readonly piece: Piece; readonly vessels: number }[] {
  return look.pieces
    .filter((piece) => servesFood(piece, serving.unit))
    .flatMap((piece) => {
      const holds = capacityOf(piece, serving.dish, serving.unit)
      return holds === null ? [] : [{ piece, vessels: Math.max(1, Math.ceil(serving.amount / holds)), lined: needsLiner(piece) }]
    })
    .filter(({ piece, vessels }) => piece.owned >= vessels)
    .sort((a, b) => Number(a.lined) - Number(b.lined) || a.vessels - b.vessels || b.piece.owned - a.piece.owned)
    .map(({ piece, vessels }) => ({ piece, vessels }))
}
