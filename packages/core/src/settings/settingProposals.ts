import { allSettings } from '../design/settingIds.js'
import { findPiece, pieceIndex, piecesOf } from '../design/find.js'
import { applyEdit, makeEdit, type Edit } from '../design/edit.js'
import type { FindingOf, Proposal } from '../design/finding.js'
import type { Course } from '../design/course.js'
import type { Look } from '../design/look.js'
import { flatwareRoles, type Flatware, type FlatwareRole } from '../design/piece.js'
import { fitsBeside } from './fitsBeside.js'
import { smallerSetting } from './smallerSetting.js'
import { fewerGuests, headsProposals, leafProposals } from '../seating/seatingProposals.js'
import { cheapestOf, priceOf } from '../design/cheapestOffer.js'
import { flatwareFor } from '../placing/flatwareFor.js'

/** Ways to make crowded settings fit, the least disturbing first. */
export function crowdedProposals(look: Look): Proposal[] {
  return [...leafProposals(look), ...headsProposals(look), ...layerProposals(look), ...smallerSetting(look, fitsBeside), ...guestsThatFit(look)]
}

function layerProposals(look: Look): Proposal[] {
  const { setting } = look
  const index = pieceIndex(look)
  const proposals: Proposal[] = []
  if (allSettings(look).some((one) => one.glassesOutMm > 0))
    proposals.push({
      code: 'glasses-in',
      edit: makeEdit(look, 'setting', (draft) => void allSettings(draft).forEach((one) => (one.glassesOutMm = 0))),
      params: {}
    })
  if (setting.napkin?.place === 'left')
    proposals.push({
      code: 'napkin-on-plate',
      edit: makeEdit(look, 'setting', (draft) => void (draft.setting.napkin!.place = 'on-plate')),
      params: {}
    })
  if (setting.breadPlateId !== null)
    proposals.push({
      code: 'skip-layer',
      edit: makeEdit(look, 'setting', (draft) => void (draft.setting.breadPlateId = null)),
      params: { pieceId: setting.breadPlateId }
    })
  for (const id of setting.plateIds.filter((plateId) => findPiece(index, plateId, 'plate')?.role === 'charger'))
    proposals.push({
      code: 'skip-layer',
      edit: makeEdit(look, 'setting', (draft) => void (draft.setting.plateIds = draft.setting.plateIds.filter((p) => p !== id))),
      params: { pieceId: id }
    })
  if (setting.glassIds.length > 1)
    proposals.push({
      code: 'skip-layer',
      edit: makeEdit(look, 'setting', (draft) => void draft.setting.glassIds.pop()),
      params: { pieceId: setting.glassIds[setting.glassIds.length - 1]! }
    })
  if (setting.dessertAbove)
    proposals.push({
      code: 'dessert-brought-in',
      edit: makeEdit(look, 'setting', (draft) => void (draft.setting.dessertAbove = false)),
      params: {}
    })
  return proposals
}

function guestsThatFit(look: Look): Proposal[] {
  for (let count = look.guests.length - 1; count >= 1; count--) {
    const fewer = fewerGuests(look, count)
    if (fitsBeside(applyEdit(look, fewer.edit))) return [fewer]
  }
  return []
}

/** A pattern piece for the missing role, or the menu without the course that asks for it. */
export function missingFlatwareProposals(look: Look, { at: { role } }: FindingOf<'flatware.missing'>): Proposal[] {
  const fitting = piecesOf(look, 'flatware').filter((piece) => piece.role === role)
  const sold = cheapestOf(
    look,
    fitting.filter((piece) => piece.owned === 0)
  )
  const metal = byMetal(look)
  const add = fitting
    .filter((piece) => piece.owned > 0 || !sold)
    .sort((a, b) => metal(a, b) || b.owned - a.owned)
    .slice(0, 2)
    .map((piece) => ({
      code: 'add-flatware' as const,
      edit: makeEdit(look, 'setting', (draft) => void draft.setting.flatwareIds.push(piece.id)),
      params: { pieceId: piece.id }
    }))
  const bought = sold
    ? [
        {
          code: 'buy' as const,
          edit: makeEdit(look, 'setting', (draft) => {
            for (const setting of allSettings(draft)) setting.flatwareIds.push(sold.piece.id)
          }),
          params: { pieceId: sold.piece.id, ...priceOf(sold, look.guests.length) }
        }
      ]
    : []
  const asking = look.occasion.courses.filter((course) => asksFor(look, course, role))
  const eaten = (eatenWith: 'usual' | 'fingers') =>
    makeEdit(look, 'menu', (draft) => {
      for (const dish of draft.menu.dishes) if (look.menu.service === 'buffet' || asking.includes(dish.course)) dish.eatenWith = eatenWith
    })
  const dishes = look.menu.dishes.length > 0
  return [
    ...add,
    ...bought,
    ...substitutes(look, role),
    ...(dishes ? [{ code: 'eaten-usual' as const, edit: eaten('usual'), params: {} }] : []),
    ...asking.map((course) => skipCourse(look, [course])),
    ...(dishes ? [{ code: 'finger-food' as const, edit: eaten('fingers'), params: {} }] : []),
    ...(look.menu.service === 'buffet' ? [{ code: 'serve-plated' as const, edit: platedWithout(look, role), params: {} }] : []),
    ...(asking.length > 1 ? [skipCourse(look, asking)] : [])
  ]
}

/** Flatware of the metal that lies there before other flatware. */
function byMetal(look: Look): (a: Flatware, b: Flatware) => number {
  const laid = new Set(allSettings(look).flatMap((setting) => setting.flatwareIds))
  const metals = new Set(piecesOf(look, 'flatware').flatMap((piece) => (laid.has(piece.id) ? [piece.material] : [])))
  return (a, b) => Number(metals.has(b.material)) - Number(metals.has(a.material))
}

/** The pieces nearest to a missing one: another fork for a fork, of the metal that lies there and the nearest in the order of roles first, of those owned. */
function substitutes(look: Look, role: FlatwareRole): Proposal[] {
  const kind = role.slice(role.lastIndexOf('-') + 1)
  const metal = byMetal(look)
  const at = (one: string) => flatwareRoles.indexOf(one as FlatwareRole)
  return piecesOf(look, 'flatware')
    .filter((piece) => piece.role !== role && piece.role.endsWith(kind) && piece.owned > 0)
    .sort((a, b) => metal(a, b) || Math.abs(at(a.role) - at(role)) - Math.abs(at(b.role) - at(role)) || b.owned - a.owned)
    .slice(0, 2)
    .map((piece) => ({
      code: 'substitute' as const,
      edit: makeEdit(look, 'setting', (draft) => {
        for (const setting of allSettings(draft))
          setting.substitutes = [...setting.substitutes.filter((one) => one.role !== role), { role: role as FlatwareRole, pieceId: piece.id }]
      }),
      params: { pieceId: piece.id }
    }))
}

/** Served at the table instead of from a buffet, without the courses that ask for a role. */
function platedWithout(look: Look, role: FlatwareRole): Edit {
  const plated = { ...look, menu: { ...look.menu, service: 'plated' as const } }
  return makeEdit(look, 'menu', (draft) => {
    draft.menu.service = 'plated'
    draft.occasion.courses = draft.occasion.courses.filter((course) => !asksFor(plated, course, role))
  })
}

function asksFor(look: Look, course: Course, role: FlatwareRole): boolean {
  const order = flatwareFor([course], true, { ...look.menu, service: 'plated' })
  return [...order.left, ...order.right, ...order.above].some((asked) => asked === role)
}

function skipCourse(look: Look, courses: readonly Course[]): Proposal {
  const edit = makeEdit(look, 'brief', (draft) => void (draft.occasion.courses = draft.occasion.courses.filter((c) => !courses.includes(c))))
  return { code: 'skip-course', edit, params: { courses } }
}
