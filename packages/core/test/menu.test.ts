import {
  applyEdit,
  buffetRun,
  flatwareFor,
  foldKinds,
  folds,
  foldedNapkin,
  glassesAsked,
  kindsByPlace,
  layingChecks,
  lightnessOf,
  needs,
  newDish,
  noMenu,
  oneKind,
  placeLayouts,
  seatPlan,
  servings,
  sharedTraits,
  stackReading,
  tableDishes,
  foodMl,
  vesselsFor,
  type Course,
  type Dish,
  type Look
} from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { demoLook, findingOf, firstOf, measured } from './support/looks.js'

const dish = (id: string, course: Course, more: Partial<Dish> = {}): Dish => ({ ...newDish(id, course), name: id, ...more })
const lookWith = (change: Partial<Look>): Look => ({ ...demoLook(), ...change })
const menuOf = (...dishes: Dish[]): Look['menu'] => ({ ...noMenu, dishes })
const codes = (look: Look) => measured(look).findings.map((finding) => finding.code)

// Ordering rules: Emily Post, Etiquette (recalled)
describe('flatware by the dishes', () => {
  it('a steak brings its knife, a pastry its fork, finger food nothing, and a dish nobody described what its course has', () => {
    const of = (...dishes: Dish[]) => flatwareFor(['soup', 'main', 'dessert'], true, menuOf(...dishes))
    expect(of(dish('a', 'main', { eatenWith: 'steak' })).right).toEqual(['steak-knife', 'soup-spoon'])
    expect(of(dish('a', 'dessert', { eatenWith: 'pastry' })).above).toEqual(['pastry-fork'])
    expect(of(dish('a', 'main', { eatenWith: 'fingers' }))).toMatchObject({ left: [], right: ['soup-spoon'] })
    expect(of(dish('a', 'main'))).toEqual(flatwareFor(['soup', 'main', 'dessert'], true))
    expect(flatwareFor(['soup', 'main'], true, { ...menuOf(), service: 'buffet' })).toMatchObject({ left: ['dinner-fork'], right: ['dinner-knife'] })
  })

  it('one piece used in two courses lies once, where it is used first', () => {
    const { left } = flatwareFor(['fish', 'salad', 'main'], true, menuOf(dish('a', 'fish', { eatenWith: 'fork' }), dish('b', 'salad', { eatenWith: 'usual' })))
    expect(left).toEqual(['dinner-fork', 'salad-fork', 'fish-fork'])
    expect(new Set(left).size).toBe(left.length)
  })

  it('what the pattern lacks has the nearest piece laid in its place, which is counted for both and seen on the table', () => {
    const look = lookWith({ menu: menuOf(dish('a', 'main', { eatenWith: 'steak' })) })
    const finding = findingOf(look, 'flatware.missing')
    const laid = finding.remedies.find((remedy) => remedy.code === 'substitute')!
    expect(laid.params['pieceId']).toBe('knife-dinner')
    const mended = applyEdit(look, laid.edit)
    expect(codes(mended)).not.toContain('flatware.missing')
    expect(placeLayouts(mended, seatPlan(mended).places)[0]!.layout.items.filter((item) => item.piece.id === 'knife-dinner')).toHaveLength(1)
    expect(needs(mended).find((need) => need.piece.id === 'knife-dinner')!.needed).toBe(10)
  })

  it('a fork that is taken away is first found again in the metal that lies there, however many there are of another', () => {
    const demo = demoLook()
    const look = lookWith({ setting: { ...demo.setting, flatwareIds: demo.setting.flatwareIds.filter((one) => one !== 'fork-dinner') } })
    const missing = findingOf(look, 'flatware.missing')
    expect(missing.remedies.find((remedy) => remedy.code === 'add-flatware')).toMatchObject({ params: { pieceId: 'fork-dinner' } })
    expect(demo.pieces.find((piece) => piece.id === 'fork-dinner-steel')!.owned).toBeGreaterThan(demo.pieces.find((piece) => piece.id === 'fork-dinner')!.owned)
  })

  it('glasses by the drinks; one all-purpose glass serves white and red', () => {
    const menu = { ...noMenu, drinks: ['water', 'white', 'red', 'hot'] as const }
    expect(glassesAsked(menu)).toEqual(['water', 'white', 'red'])
    expect(glassesAsked({ ...menu, oneGlass: true })).toEqual(['water', 'red'])
  })
})

describe('serving', () => {
  it('portions: 200 g a main for each adult and half for a child, vessels as many as hold them', () => {
    const look = lookWith({ menu: menuOf(dish('stew', 'main', { service: 'family', vesselId: 'low-bowl-oyster' })) })
    const child = { ...look.guests[0]!, body: { kind: 'child', ageYears: 6, boosterMm: 0 } as const }
    const adults = { ...look, guests: look.guests.map((guest) => ({ ...guest, body: { kind: 'adult', build: 'unstated', stature: 'average' } as const })) }
    expect(servings(adults)[0]).toMatchObject({ portions: 10, amount: 2000, unit: 'g' })
    expect(servings({ ...adults, guests: [child, ...adults.guests.slice(1)] })[0]!.amount).toBe(1900)
    const { holds, vessels } = servings(adults)[0]!
    expect(vessels).toBe(Math.max(2, Math.ceil(2000 / holds!)))
    expect(needs(adults).find((need) => need.piece.id === 'low-bowl-oyster')!.needed).toBeGreaterThanOrEqual(vessels)
  })

  it('no dish is offered in a flower vase: bowls, jugs for what is poured, and what a label gives for food', () => {
    const look = demoLook()
    for (const serving of servings(look)) {
      for (const { piece } of vesselsFor(look, serving)) {
        if (piece.kind !== 'vessel' || piece.foodSafe === 'yes') continue
        expect(piece.form === 'bowl' || (piece.form === 'jug' && serving.unit === 'ml'), `${serving.dish.name} in ${piece.name}`).toBe(true)
      }
    }
    const labeled = { ...look, pieces: look.pieces.map((piece) => (piece.id === 'pickle-crock' ? { ...piece, foodSafe: 'yes' as const, owned: 9 } : piece)) }
    expect(servings(labeled).some((serving) => vesselsFor(labeled, serving).some(({ piece }) => piece.id === 'pickle-crock'))).toBe(true)
  })

  it('a cylinder of 100 by 100 holds 80 % of its 785 ml; a napkin holds nothing', () => {
    const vessel = demoLook().pieces.find((piece) => piece.kind === 'vessel')!
    expect(foodMl({ ...vessel, baseMm: 100, mouthMm: 100, depthMm: 100 } as typeof vessel)).toBeCloseTo(0.8 * 785.4, 0)
    expect(foodMl(demoLook().pieces.find((piece) => piece.kind === 'napkin')!)).toBeNull()
    // what stands in a lantern or below a cloche is no dish; each level of a stand is
    for (const form of ['lantern', 'cloche'] as const) expect(foodMl({ ...vessel, form } as typeof vessel)).toBeNull()
    const stand = demoLook().pieces.find((piece) => piece.id === 'tiers-brass')!
    if (stand.kind !== 'tray') throw new Error('no stand')
    const level = foodMl({ ...stand, upper: [], extent: { kind: 'round', diameterMm: 170 } })!
    expect(foodMl(stand)).toBeCloseTo(foodMl({ ...stand, upper: [] })! + level, 6)
  })

  it('dishes of family service stand clear of settings, pieces and each other, and one too many is told', () => {
    const dishes = Array.from({ length: 4 }, (_, i) => dish(`d-${i}`, 'main', { service: 'family', vesselId: 'low-bowl-oyster' }))
    const look = lookWith({ menu: menuOf(...dishes), centerpiece: [] })
    const plan = seatPlan(look)
    const found = tableDishes(look, plan, [], [], servings(look))
    const placed = found.filter((one) => one.at !== null)
    expect(placed.length).toBe(found.length)
    placed.forEach((a, i) =>
      placed.slice(i + 1).forEach((b) => expect(Math.hypot(a.at!.x - b.at!.x, a.at!.y - b.at!.y)).toBeGreaterThanOrEqual(a.radiusMm + b.radiusMm))
    )
    const crowd = { ...look, menu: menuOf(...Array.from({ length: 40 }, (_, i) => dish(`d-${i}`, 'main', { service: 'family', vesselId: 'low-bowl-oyster' }))) }
    expect(codes(crowd)).toContain('dish.room')
  })

  it('a buffet begins with plates and ends with cutlery, hot mains before salads, each 325 mm', () => {
    const menu = { ...menuOf(dish('cake', 'dessert'), dish('leaves', 'salad'), dish('stew', 'main')), service: 'buffet' as const }
    const run = buffetRun(servings(lookWith({ menu })))
    expect(run.map((station) => station.dishId ?? station.what)).toEqual(['plates', 'stew', 'leaves', 'cake', 'cutlery'])
    expect(run[run.length - 1]!.toMm).toBe(5 * 325)
    expect(codes(lookWith({ menu: { ...menu, sideboardMm: 5 * 325 } }))).not.toContain('buffet.long')
    expect(codes(lookWith({ menu: { ...menu, sideboardMm: 5 * 325 - 1 } }))).toContain('buffet.long')
  })

  it('a guest who avoids nuts is told of a course with nothing else, and of none with another dish', () => {
    const guests = demoLook().guests.map((guest, i) => ({ ...guest, diet: i === 2 ? 'no nuts' : '' }))
    const only = lookWith({ guests, menu: menuOf(dish('loaf', 'main', { contains: 'Nuts, gluten' })) })
    expect(firstOf(only, 'diet.none')?.at).toMatchObject({ guestId: guests[2]!.id, course: 'main' })
    expect(codes({ ...only, menu: menuOf(...only.menu.dishes, dish('squash', 'main', { contains: 'dairy' })) })).not.toContain('diet.none')
  })
})

describe('kinds of setting', () => {
  const look = demoLook()
  const withB = (spread: Look['kinds']['spread'], more: Partial<Look['kinds']> = {}): Look => ({
    ...look,
    kinds: { ...oneKind, others: [{ key: 'B', setting: { ...look.setting, plateIds: ['dinner-slate'], breadPlateId: null } }], spread, ...more }
  })
  const count = (l: Look) => kindsByPlace(l, seatPlan(l).places).filter((key) => key === 'B').length

  it('are spread alternating, every third, at the heads, on one side or by guest', () => {
    expect(['same', 'alternating', 'every-third', 'one-side', 'heads'].map((spread) => count(withB(spread as 'same')))).toEqual([
      0,
      5,
      3,
      expect.any(Number),
      2
    ])
    expect(count(withB('by-guest', { byGuest: [{ guestId: look.guests[4]!.id, key: 'B' }] }))).toBe(1)
  })

  it('share a material, a color or a rim, or are told to share nothing', () => {
    const withPlates = (plateIds: string[]): Look => ({
      ...look,
      setting: { ...look.setting, plateIds: ['dinner-oyster'], glassIds: [], napkin: null },
      kinds: { ...oneKind, others: [{ key: 'B', setting: { ...look.setting, plateIds, glassIds: [], napkin: null } }], spread: 'alternating' }
    })
    expect(sharedTraits(withPlates(['salad-smoke']))).toContainEqual({ of: 'material', word: 'porcelain' })
    expect(sharedTraits(withPlates(['charger-brass'])).some((trait) => trait.of === 'material')).toBe(false)
    expect(sharedTraits({ ...withPlates([]), pieces: look.pieces })).toEqual([])
  })

  it('are counted place by place', () => {
    const all = needs(withB('alternating'))
    expect(all.find((need) => need.piece.id === 'dinner-slate')!.needed).toBe(5)
    expect(all.find((need) => need.piece.id === 'dinner-oyster')!.needed).toBe(5)
  })

  it('a left-hander’s setting is the mirror image, a small child’s has no knife and no wine glass, and both keep fitting their width', () => {
    const child = { kind: 'child', ageYears: 5, boosterMm: 80 } as const
    const adult = { kind: 'adult', build: 'unstated', stature: 'average' } as const
    const guests = look.guests.map((guest, i) => ({ ...guest, leftHanded: i === 1, body: i === 2 ? child : adult }))
    const special = { ...look, guests, kinds: { ...oneKind, mirrorLeftHanded: true, childSafe: true } }
    const layouts = placeLayouts(special, seatPlan(special).places)
    expect(layouts.map((one) => one.mirrored).filter(Boolean)).toHaveLength(1)
    const roles = layouts[2]!.layout.items.flatMap((item) => ('role' in item.piece ? [item.piece.role] : []))
    expect(roles.some((role) => role.endsWith('knife') || role === 'red' || role === 'white')).toBe(false)
    expect(needs(special).find((need) => need.piece.id === 'knife-dinner')!.needed).toBe(9)
    expect(codes({ ...special, kinds: oneKind })).toContain('child.setting')
    const safe = findingOf({ ...special, kinds: oneKind }, 'child.setting')
    expect(codes(applyEdit({ ...special, kinds: oneKind }, safe.remedies[0]!.edit))).not.toContain('child.setting')
  })
})

describe('the stack', () => {
  // CIE 1976 L* of sRGB: white 100, middle gray #777777 50.0 (published conversion, recalled), black 0
  it('lightness is CIE L*, and a star needs 15 of it from its neighbors', () => {
    expect([lightnessOf('#ffffff'), lightnessOf('#777777'), lightnessOf('#000000')].map((x) => Math.round(x))).toEqual([100, 50, 0])
    const starred = lookWith({ setting: { ...demoLook().setting, starId: demoLook().setting.plateIds[0]! } })
    const { steps } = stackReading(starred, starred.setting)
    expect(codes(starred).includes('stack.blends')).toBe(steps[0]! < 15)
  })

  it('there are at least ten folds, each as large as told, and a napkin too small for its fold is told', () => {
    expect(foldKinds.length).toBeGreaterThanOrEqual(10)
    for (const fold of foldKinds) expect(foldedNapkin({ sideMm: 500 }, fold).halfXMm).toBeCloseTo(500 * folds[fold].halfX)
    const folded = (sideMm: number) =>
      lookWith({
        pieces: demoLook().pieces.map((piece) => (piece.id === 'napkin-persimmon' && piece.kind === 'napkin' ? { ...piece, sideMm } : piece)),
        setting: { ...demoLook().setting, napkin: { pieceId: 'napkin-persimmon', place: 'on-plate', fold: 'fan' } }
      })
    expect([codes(folded(18 * 25.4)).includes('napkin.small'), codes(folded(17.9 * 25.4)).includes('napkin.small')]).toEqual([false, true])
  })
})

describe('what a dish is served in and with', () => {
  const served = (more: Partial<Dish>, pieces = demoLook().pieces) =>
    lookWith({ pieces, menu: { ...menuOf(dish('a', 'main', { service: 'family', vesselId: 'platter-oyster', ...more })), service: 'family' }, centerpiece: [] })
  const withPiece = (id: string, part: object) => demoLook().pieces.map((piece) => (piece.id === id ? ({ ...piece, ...part } as typeof piece) : piece))

  it('a label decides over the material, both ways; unread, the material does', () => {
    expect(codes(served({}))).not.toContain('dish.liner')
    expect(codes(served({}, withPiece('platter-oyster', { foodSafe: 'no' })))).toContain('dish.liner')
    expect(codes(served({ vesselId: 'tray-mirror' }, withPiece('tray-mirror', { foodSafe: 'yes' })))).not.toContain('dish.liner')
    expect(codes(served({ vesselId: 'tray-mirror' }, withPiece('tray-mirror', { foodSafe: 'unknown', material: 'brass' })))).toContain('dish.liner')
    expect(codes(served({ temperature: 'hot' }, withPiece('platter-oyster', { heatSafe: 'no' })))).toContain('dish.heat')
    expect(codes(served({ temperature: 'cold' }, withPiece('platter-oyster', { heatSafe: 'no' })))).not.toContain('dish.heat')
  })

  it('tools of the house go from dish to dish; what runs out is on the buying list, and a kind nobody has is told', () => {
    const two = lookWith({
      menu: { ...menuOf(dish('a', 'main', { vesselId: 'platter-oyster' }), dish('b', 'main', { vesselId: 'platter-oyster' })), service: 'family' },
      guests: demoLook().guests.slice(0, 4)
    })
    expect(servings(two).map((one) => one.toolId)).toEqual(['fork-serving', 'fork-serving'])
    expect(needs(two).find((need) => need.piece.id === 'fork-serving')).toMatchObject({ needed: 2, short: 0 })
    const three = { ...two, menu: { ...two.menu, dishes: [...two.menu.dishes, dish('c', 'main', { vesselId: 'platter-oyster' })] } }
    expect(needs(three).find((need) => need.piece.id === 'fork-serving')).toMatchObject({ needed: 3, short: 1 })
    const none = served(
      {},
      demoLook().pieces.filter((piece) => piece.kind !== 'tool' || piece.tool === 'ladle')
    )
    const finding = findingOf(none, 'dish.tool')
    for (const remedy of finding.remedies) expect(codes(applyEdit(none, remedy.edit))).not.toContain('dish.tool')
    expect(finding.remedies.length).toBeGreaterThan(0)
  })

  it('a dish stands where the stylist put it, the others make room, and one put on a plate is told and finds its place in one click', () => {
    const look = served({ vesselId: 'salad-bowl', spots: [{ xMm: 0, yMm: 0 }] })
    const at = (one: Look) => measured(one).figures.serving.onTable.filter((vessel) => vessel.vessel === 0)[0]!
    expect(at(look)).toMatchObject({ at: { x: 0, y: 0 }, placed: true, clear: true })
    const place = seatPlan(look).places[1]!
    const onPlate = served({ vesselId: 'salad-bowl', spots: [{ xMm: Math.round(place.x * 0.85), yMm: Math.round(place.y * 0.75) }] })
    expect(at(onPlate).clear).toBe(false)
    const finding = findingOf(onPlate, 'dish.room')
    expect(at(applyEdit(onPlate, finding.remedies.find((one) => one.code === 'find-place')!.edit))).toMatchObject({ placed: false, clear: true })
  })
})

describe('chargers and patterns', () => {
  const charged = (change: Partial<Look>): Look => {
    const look = demoLook()
    return { ...look, setting: { ...look.setting, plateIds: ['charger-brass', 'dinner-oyster'] }, ...change }
  }
  const laid = (look: Look) => placeLayouts(look, seatPlan(look).places)[0]!.layout.items.map((item) => item.piece.id)

  it('chargers that are not used are neither laid nor counted, and lifting them is on the list of who lays the table', () => {
    const none = charged({ kinds: { ...oneKind, charger: 'none' } })
    expect(laid(charged({}))).toContain('charger-brass')
    expect(laid(none)).not.toContain('charger-brass')
    expect(needs(none).some((need) => need.piece.id === 'charger-brass')).toBe(false)
    const lifted = charged({ kinds: { ...oneKind, charger: 'lifted-before-main' } })
    expect(layingChecks(lifted).find((check) => check.code === 'charger')?.params).toEqual({ count: 10 })
  })

  it('at a buffet they are a finding, mended by laying none', () => {
    const buffet = charged({ menu: { ...noMenu, service: 'buffet' } })
    const finding = findingOf(buffet, 'charger.buffet')
    expect(finding.remedies.map((one) => one.code)).toContain('no-chargers')
    expect(codes({ ...buffet, kinds: { ...oneKind, charger: 'none' } })).not.toContain('charger.buffet')
  })

  it('pattern lies on plain and plain on pattern; two patterns on one another are told', () => {
    const pieces = (patterned: readonly string[]) => demoLook().pieces.map((piece) => ({ ...piece, pattern: patterned.includes(piece.id) ? 'sprig' : '' }))
    expect(codes(charged({ pieces: pieces(['dinner-oyster']) }))).not.toContain('pattern.clash')
    expect(codes(charged({ pieces: pieces(['charger-brass', 'dinner-oyster']) }))).toContain('pattern.clash')
  })
})
