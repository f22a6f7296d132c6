import { pieceIndex } from '../design/find.js'
import { makeEdit } from '../design/edit.js'
import type { BareFinding, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { newDish, type Drink } from '../design/menu.js'
import type { GlassRole } from '../design/piece.js'
import { glassFor } from '../reference/portions.js'
import { numberedId } from '../units/slug.js'
import { buffetRun } from './buffet.js'
import { servings, vesselsFor, type Serving } from './dishes.js'
import type { TableDish } from './tableDishes.js'

/** Glass roles the drinks ask for, one all-purpose glass for white and red where the menu says so. */
export function glassesAsked(menu: Look['menu']): GlassRole[] {
  const asked = menu.drinks.filter((drink): drink is Exclude<Drink, 'hot'> => drink !== 'hot').map((drink) => glassFor[drink])
  return [...new Set(asked.map((role) => (menu.oneGlass && role === 'white' ? 'red' : role)))]
}

/** Drinks without a glass, dishes without a vessel, a liner or room, guests with nothing to eat, a buffet longer than its sideboard. */
export function menuFindings(look: Look, all: readonly Serving[], onTable: readonly TableDish[]): BareFinding[] {
  return [...glassFindings(look), ...all.flatMap(dishFindings), ...roomFindings(onTable), ...dietFindings(look), ...buffetFindings(look, all)]
}

function glassFindings(look: Look): BareFinding[] {
  const index = pieceIndex(look)
  const laid = new Set(look.setting.glassIds.flatMap((id) => (index.get(id)?.kind === 'glass' ? [(index.get(id) as { role: GlassRole }).role] : [])))
  const has = (role: GlassRole) => laid.has(role) || (look.menu.oneGlass && role === 'red' && laid.has('white'))
  return glassesAsked(look.menu)
    .filter((role) => !has(role))
    .map((role) => ({
      code: 'glass.missing',
      severity: 'warn',
      at: { kind: 'role', role },
      measured: { pieces: 0 },
      limit: { pieces: look.guests.length },
      because: 'drinks'
    }))
}

function dishFindings({ dish, service, vessels, holds, liner }: Serving): BareFinding[] {
  const at = { kind: 'dish', dishId: dish.id } as const
  if (service === 'plated' || vessels === 0) return []
  if (holds === null)
    return [
      {
        code: 'dish.vessel',
        severity: 'note',
        at,
        measured: { pieces: 0 },
        limit: { pieces: vessels },
        because: dish.vesselId === null ? 'no-vessel' : 'holds-no-food'
      }
    ]
  return liner ? [{ code: 'dish.liner', severity: 'warn', at, measured: { pieces: vessels }, limit: { pieces: 0 }, because: 'food-contact' }] : []
}

function roomFindings(onTable: readonly TableDish[]): BareFinding[] {
  const without = new Map<string, number>()
  for (const { dishId, at } of onTable) if (at === null) without.set(dishId, (without.get(dishId) ?? 0) + 1)
  return [...without].map(([dishId, pieces]) => ({
    code: 'dish.room',
    severity: 'warn',
    at: { kind: 'dish', dishId },
    measured: { pieces },
    limit: { pieces: 0 },
    because: 'table-full'
  }))
}

const words = (text: string) =>
  text
    .toLowerCase()
    .split(/[,;]/)
    .map((word) => word.trim().replace(/^no /, ''))
    .filter(Boolean)

/** Courses in which every dish has what a guest does not eat. A dish that names nothing is taken as the stylist left it: unknown, told in the panel. */
function dietFindings(look: Look): BareFinding[] {
  return look.guests.flatMap((guest) => {
    const avoids = words(guest.diet)
    if (avoids.length === 0) return []
    const courses = [...new Set(look.menu.dishes.map((dish) => dish.course))]
    return courses.flatMap((course): BareFinding[] => {
      const dishes = look.menu.dishes.filter((dish) => dish.course === course && dish.portion !== 'sauce' && dish.portion !== 'bread')
      if (dishes.length === 0 || dishes.some((dish) => !words(dish.contains).some((word) => avoids.includes(word)))) return []
      return [
        {
          code: 'diet.none',
          severity: 'warn',
          at: { kind: 'guest', guestId: guest.id, course },
          measured: { dishes: dishes.length },
          limit: { dishes: 1 },
          because: 'diet'
        }
      ]
    })
  })
}

function buffetFindings(look: Look, all: readonly Serving[]): BareFinding[] {
  const run = buffetRun(all)
  const lengthMm = run[run.length - 1]?.toMm ?? 0
  const { sideboardMm } = look.menu
  if (sideboardMm === null || lengthMm <= sideboardMm) return []
  return [{ code: 'buffet.long', severity: 'warn', at: { kind: 'table' }, measured: { lengthMm }, limit: { lengthMm: sideboardMm }, because: 'sideboard' }]
}

export function glassProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'role') return []
  const { role } = finding.at
  const add = look.pieces
    .filter((piece) => piece.kind === 'glass' && piece.role === role)
    .sort((a, b) => b.owned - a.owned)
    .slice(0, 2)
    .map((piece) => ({
      code: 'add-glass' as const,
      edit: makeEdit(look, 'setting', (draft) => {
        for (const setting of [draft.setting, ...draft.kinds.others.map((other) => other.setting)]) setting.glassIds.push(piece.id)
      }),
      params: { pieceId: piece.id }
    }))
  const drink = (Object.keys(glassFor) as (keyof typeof glassFor)[]).filter(
    (one) => glassFor[one] === role || (look.menu.oneGlass && role === 'red' && one === 'white')
  )
  const one = makeEdit(look, 'menu', (draft) => void (draft.menu.oneGlass = true))
  const none = makeEdit(look, 'menu', (draft) => void (draft.menu.drinks = draft.menu.drinks.filter((other) => !(drink as string[]).includes(other))))
  return [
    ...add,
    ...(role === 'white' || role === 'red' ? [{ code: 'one-glass' as const, edit: one, params: {} }] : []),
    { code: 'no-drink', edit: none, params: { drink: drink[0] ?? role } }
  ]
}

/** Another vessel, or brought on the plate, or left out. */
export function dishProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'dish') return []
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
  const skip = makeEdit(look, 'menu', (draft) => void (draft.menu.dishes = draft.menu.dishes.filter((dish) => dish.id !== dishId)))
  return [
    ...vessels,
    ...(finding.code === 'dish.room' ? [{ code: 'serve-buffet' as const, edit: change({ service: 'buffet' }), params: {} }] : []),
    { code: 'serve-plated', edit: change({ service: 'plated' }), params: {} },
    { code: 'skip-dish', edit: skip, params: { dish: serving.dish.name } }
  ]
}

/** A dish more in the course, without what the guest does not eat. */
export function dietProposals(look: Look, finding: BareFinding): Proposal[] {
  if (finding.at.kind !== 'guest') return []
  const { guestId, course } = finding.at
  const guest = look.guests.find((one) => one.id === guestId)
  const like = look.menu.dishes.find((dish) => dish.course === course)
  if (!guest || !like) return []
  const id = numberedId('dish', look.menu.dishes)
  const extra = { ...newDish(id, like.course), portion: like.portion, name: guest.diet, takenPercent: Math.ceil(100 / look.guests.length) }
  return [{ code: 'add-dish', edit: makeEdit(look, 'menu', (draft) => void draft.menu.dishes.push(extra)), params: { diet: guest.diet } }]
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
    return { code: 'serve-plated' as const, edit, params: { count: i + 1 } }
  })
}
