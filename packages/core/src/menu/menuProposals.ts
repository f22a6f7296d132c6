import { heroOf } from '../centerpiece/hero.js'
import { standings } from '../centerpiece/standing.js'
import { makeEdit, type Edit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { newDish } from '../design/menu.js'
import type { GlassRole } from '../design/piece.js'
import { allSettings } from '../design/settingIds.js'
import { glassFor } from '../reference/portions.js'
import { footprintMm2 } from '../geometry/footprint.js'
import { numberedId } from '../units/slug.js'
import { cheapestOf, priceOf } from '../design/cheapestOffer.js'
import { buffetRun } from './buffet.js'
import { dishFor } from './diet.js'
import { servings, vesselsFor, type Serving } from './dishes.js'

export function glassProposals(look: Look, finding: FindingOf<'glass.missing'>): Proposal[] {
  const { role } = finding.at
  const add = look.pieces
    .filter((piece) => piece.kind === 'glass' && piece.role === role)
    .sort((a, b) => b.owned - a.owned)
    .slice(0, 2)
    .map((piece) => ({
      code: 'add-glass' as const,
      edit: makeEdit(look, 'setting', (draft) => {
        for (const setting of allSettings(draft)) if (!setting.glassIds.some((id) => isGlass(look, id, role))) setting.glassIds.push(piece.id)
      }),
      params: { pieceId: piece.id }
    }))
  const drink = look.menu.drinks.filter((one) => one !== 'hot' && (glassFor[one] === role || (look.menu.oneGlass && role === 'red' && one === 'white')))
  const one = makeEdit(look, 'menu', (draft) => void (draft.menu.oneGlass = true))
  const none = makeEdit(look, 'menu', (draft) => void (draft.menu.drinks = draft.menu.drinks.filter((other) => !drink.includes(other))))
  return [
    ...add,
    ...(role === 'white' || role === 'red' ? [{ code: 'one-glass' as const, edit: one, params: {} }] : []),
    { code: 'no-drink', edit: none, params: { drinks: drink } }
  ]
}

function isGlass(look: Look, id: string, role: GlassRole): boolean {
  const piece = look.pieces.find((one) => one.id === id)
  return piece?.kind === 'glass' && piece.role === role
}

type DishFinding = FindingOf<'dish.vessel' | 'dish.liner' | 'dish.room' | 'dish.tool' | 'dish.heat'>

/** Another vessel, or brought on the plate, or left out. */
export function dishProposals(look: Look, finding: DishFinding): Proposal[] {
  const { dishId } = finding.at
  const serving = servings(look).find((one) => one.dish.id === dishId)
  if (!serving) return []
  const change = (part: Partial<Serving['dish']>) =>
    makeEdit(look, 'menu', (draft) =>
      Object.assign(
        draft.menu.dishes.find((dish) => dish.id === dishId)!,
        part
      )
    )
  const vessels = vesselsFor(look, serving)
    .slice(0, 4)
    .map(({ piece }) => ({ code: 'choose-vessel' as const, edit: change({ vesselId: piece.id }), params: { pieceId: piece.id } }))
  const tools = look.pieces
    .filter((piece) => piece.kind === 'tool' && piece.owned > 0)
    .map((piece) => ({ code: 'other-tool' as const, edit: change({ toolId: piece.id }), params: { pieceId: piece.id } }))
  const skip = makeEdit(look, 'menu', (draft) => void (draft.menu.dishes = draft.menu.dishes.filter((dish) => dish.id !== dishId)))
  return [
    ...(finding.code === 'dish.tool' ? [...toolsToGet(look, serving, change), ...tools.slice(0, 3)] : vessels),
    ...(finding.code === 'dish.room' && serving.dish.spots.length > 0 ? [{ code: 'find-place' as const, edit: change({ spots: [] }), params: {} }] : []),
    ...(finding.code === 'dish.room' ? clearedForIt(look) : []),
    ...(finding.code === 'dish.room' ? [{ code: 'serve-buffet' as const, edit: change({ service: 'buffet' }), params: {} }] : []),
    { code: 'serve-plated', edit: change({ service: 'plated' }), params: {} },
    { code: 'skip-dish', edit: skip, params: { dishId } }
  ]
}

/** So many pieces of the middle are tried. */
const PIECES_TRIED = 3

/** A piece of the middle cleared before people eat, the largest first but for the one that is seen first. */
function clearedForIt(look: Look): Proposal[] {
  const hero = heroOf(look)
  const free = standings(look).filter(({ placed, carrierId }) => carrierId === null && placed.atMeal && placed.id !== hero)
  return free
    .sort((a, b) => footprintMm2(b.foot) - footprintMm2(a.foot))
    .slice(0, PIECES_TRIED)
    .map(({ placed }) => ({
      code: 'clear-for-meal' as const,
      edit: makeEdit(look, 'clear-for-meal', (draft) => void (draft.centerpiece.find((one) => one.id === placed.id)!.atMeal = false)),
      params: { placedId: placed.id }
    }))
}

/** A tool of the right kind bought, where a shop has one, or borrowed. */
function toolsToGet(look: Look, serving: Serving, change: (part: Partial<Serving['dish']>) => Edit): Proposal[] {
  const fitting = look.pieces.filter((piece) => piece.kind === 'tool' && piece.tool === serving.tool)
  const sold = cheapestOf(look, fitting)
  return sold ? [{ code: 'buy', edit: change({ toolId: sold.piece.id }), params: { pieceId: sold.piece.id, ...priceOf(sold, serving.vessels) } }] : []
}

/** A dish more in the course, without what the guest does not eat, brought on the plate. */
export function dietProposals(look: Look, finding: FindingOf<'diet.none'>): Proposal[] {
  const { guestId, course } = finding.at
  const guest = look.guests.find((one) => one.id === guestId)
  const like = look.menu.dishes.find((dish) => dish.course === course)
  if (!guest || !like) return []
  const id = numberedId('dish', look.menu.dishes)
  const asked = dishFor(guest.diet)
  const extra = {
    ...newDish(id, like.course),
    ...asked,
    spots: [],
    portion: like.portion,
    service: 'plated' as const,
    takenPercent: Math.ceil(100 / look.guests.length)
  }
  return [{ code: 'add-dish', edit: makeEdit(look, 'menu', (draft) => void draft.menu.dishes.push(extra)), params: { name: asked.name } }]
}

/** Dishes brought on the plate or to the table instead, the last of the run first. */
export function buffetProposals(look: Look): Proposal[] {
  const run = buffetRun(servings(look)).filter((station) => station.what === 'dish')
  const last = [...new Set(run.map((station) => station.dishId))].reverse()
  return last.map((_, i) => {
    const away = last.slice(0, i + 1)
    const edit = makeEdit(look, 'menu', (draft) => {
      for (const dish of draft.menu.dishes) if (away.includes(dish.id)) dish.service = 'plated'
    })
    return { code: 'serve-some-plated' as const, edit, params: { count: i + 1 } }
  })
}
