import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Drink } from '../design/menu.js'
import type { GlassRole } from '../design/piece.js'
import { allSettings } from '../design/settingIds.js'
import { glassFor } from '../reference/portions.js'
import { buffetRun } from './buffet.js'
import { avoidedBy, verdictOf } from './diet.js'
import type { Serving } from './dishes.js'
import type { TableDish } from './tableDishes.js'

/** Glass roles the drinks ask for, one all-purpose glass for white and red where the menu says so. */
export function glassesAsked(menu: Look['menu']): GlassRole[] {
  const asked = menu.drinks.filter((drink): drink is Exclude<Drink, 'hot'> => drink !== 'hot').map((drink) => glassFor[drink])
  return [...new Set(asked.map((role) => (menu.oneGlass && role === 'white' ? 'red' : role)))]
}

type Parts = Pick<Look, 'menu' | 'guests' | 'setting' | 'kinds' | 'pieces'>

/** Drinks without a glass, dishes without a vessel, a liner or room, guests with nothing to eat as they were found, a buffet longer than its sideboard. */
export function menuFindings(look: Parts, all: readonly Serving[], onTable: readonly TableDish[], diets: readonly BareFinding[]): BareFinding[] {
  return [...glassFindings(look), ...all.flatMap(dishFindings), ...roomFindings(onTable), ...diets, ...buffetFindings(look, all)]
}

/** A glass for each drink at every kind of place. */
function glassFindings(look: Parts): BareFinding[] {
  const index = pieceIndex(look)
  const laid = allSettings(look).map((setting) => new Set(setting.glassIds.flatMap((id) => findPiece(index, id, 'glass')?.role ?? [])))
  const has = (role: GlassRole) => laid.every((roles) => roles.has(role) || (look.menu.oneGlass && role === 'red' && roles.has('white')))
  return glassesAsked(look.menu)
    .filter((role) => !has(role))
    .map((role): BareFinding => ({
      code: 'glass.missing',
      severity: 'warn',
      at: { kind: 'role', role },
      measured: { pieces: 0 },
      limit: { pieces: look.guests.length },
      because: 'drinks'
    }))
}

function dishFindings({ dish, service, vessels, holds, liner, labels, toolId }: Serving): BareFinding[] {
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
  const found: BareFinding[] = []
  const [measured, limit] = [{ pieces: vessels }, { pieces: 0 }]
  if (liner) found.push({ code: 'dish.liner', severity: 'warn', at, measured, limit, because: labels?.foodSafe === 'no' ? 'label-food' : 'food-contact' })
  if (dish.temperature === 'hot' && labels?.heatSafe === 'no') found.push({ code: 'dish.heat', severity: 'warn', at, measured, limit, because: 'label-heat' })
  if (toolId === null) found.push({ code: 'dish.tool', severity: 'note', at, measured: { pieces: 0 }, limit: { pieces: vessels }, because: 'no-tool' })
  return found
}

function roomFindings(onTable: readonly TableDish[]): BareFinding[] {
  const without = new Map<string, number>()
  for (const { dishId, clear } of onTable) if (!clear) without.set(dishId, (without.get(dishId) ?? 0) + 1)
  return [...without].map(([dishId, pieces]): BareFinding => ({
    code: 'dish.room',
    severity: 'warn',
    at: { kind: 'dish', dishId },
    measured: { pieces },
    limit: { pieces: 0 },
    because: 'table-full'
  }))
}

/** Courses of which a guest can eat nothing that somebody described. What nobody described is not checked, and never called eatable. */
export function dietFindings(look: Pick<Parts, 'menu' | 'guests'>): BareFinding[] {
  return look.guests.flatMap((guest) => {
    const avoided = avoidedBy(guest.diet)
    if (avoided.groups.size + avoided.words.length + avoided.byName.length === 0) return []
    const courses = [...new Set(look.menu.dishes.map((dish) => dish.course))]
    return courses.flatMap((course): BareFinding[] => {
      const dishes = look.menu.dishes.filter((dish) => dish.course === course && dish.portion !== 'sauce' && dish.portion !== 'bread')
      const verdicts = dishes.map((dish) => verdictOf(dish, avoided))
      if (dishes.length === 0 || verdicts.includes('described-free')) return []
      const unchecked = verdicts.filter((verdict) => verdict === 'not-checked').length
      return [
        {
          code: 'diet.none',
          severity: unchecked > 0 ? 'note' : 'warn',
          at: { kind: 'guest', guestId: guest.id, course },
          measured: { dishes: dishes.length, unchecked },
          limit: { dishes: 1 },
          because: unchecked > 0 ? 'not-checked' : 'diet'
        }
      ]
    })
  })
}

function buffetFindings(look: Pick<Parts, 'menu'>, all: readonly Serving[]): BareFinding[] {
  const run = buffetRun(all)
  const lengthMm = run[run.length - 1]?.toMm ?? 0
  const { sideboardMm } = look.menu
  if (sideboardMm === null || lengthMm <= sideboardMm) return []
  return [{ code: 'buffet.long', severity: 'warn', at: { kind: 'table' }, measured: { lengthMm }, limit: { lengthMm: sideboardMm }, because: 'sideboard' }]
}
