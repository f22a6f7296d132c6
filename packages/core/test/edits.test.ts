import { describe, expect, it } from 'vitest'
import * as edits from '../src/design/edits/index.js'
import {
  applyEdit,
  dropEdit,
  inverseOf,
  layers,
  newDish,
  newGuest,
  numberedId,
  seededRandom,
  shiftEdit,
  standAs,
  standings,
  type Edit,
  type Look,
  type Piece
} from '../src/index.js'
import { buyList, plannedSums } from '../src/money/buyList.js'
import { validateLook } from '../src/formats/index.js'
import { generateLook } from './support/generateLook.js'
import { demoLook } from './support/looks.js'
import { many } from './support/many.js'

type Random = () => number
const oneOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!
const number = (random: Random, least: number, most: number) => Math.round(least + random() * (most - least))
const yes = (random: Random) => random() < 0.5
const ofKind = (look: Look, kind: Piece['kind']) => look.pieces.filter((piece) => piece.kind === kind)
const pieceOf = (look: Look, random: Random, kind: Piece['kind']) => oneOf(random, ofKind(look, kind))?.id ?? null
const placedOf = (look: Look, random: Random) => oneOf(random, look.centerpiece)?.id ?? 'nobody'
const dishOf = (look: Look, random: Random) => oneOf(random, look.menu.dishes)
const arrangedOf = (look: Look, random: Random) =>
  oneOf(
    random,
    look.centerpiece.filter((placed) => placed.arrangement)
  )?.id ?? 'nobody'
const guestOf = (look: Look, random: Random) => oneOf(random, look.guests) ?? newGuest(1)
const orderOf = (look: Look) => ({ shop: look.shops[0]?.name ?? 'Nowhere', slot: 'ahead' as const, offerId: look.offers[0]?.id ?? 'none' })
const clock = (random: Random) => number(random, 0, 1439)

/** Each edit of the core, made with whatever the look has and chance gives; the compiler asks for one that is missing. */
const made: { readonly [Name in keyof typeof edits]: (look: Look, random: Random) => Edit } = {
  takeLayer: (look, r) => edits.takeLayer(look, { ...look, centerpiece: [], setting: { ...look.setting, glassIds: [] } }, oneOf(r, layers)),
  layWholeLook: (look) => edits.layWholeLook(look, { ...look, setting: { ...look.setting, plateIds: [] }, centerpiece: [], pieces: look.pieces.slice() }),
  changeOccasion: (look, r) => edits.changeOccasion(look, { title: `Supper ${number(r, 1, 99)}`, place: 'Here', notes: '' }),
  moveArrival: (look, r) => edits.moveArrival(look, number(r, 0, 700)),
  endAt: (look, r) => edits.endAt(look, clock(r)),
  sayOfLook: (look, r) =>
    edits.sayOfLook(look, { by: oneOf(r, ['Ottoline', 'Bram'] as const), stand: oneOf(r, ['for', 'against'] as const), remark: '', day: '2027-01-20' }),
  askOfLook: (look, r) => edits.askOfLook(look, oneOf(r, ['', 'Warmer or cooler?'] as const)),
  lookAgain: (look, r) => edits.lookAgain(look, oneOf(r, ['2027-01-21', '2027-02-01', null] as const)),
  unsayOfLook: (look, r) => edits.unsayOfLook(look, oneOf(r, ['Ottoline', 'Bram'] as const)),
  changeIntent: (look, r) =>
    edits.changeIntent(look, {
      avoid: yes(r) ? ['gold', 'lilies'] : [],
      use: oneOf(r, ['event', 'daily', 'show'] as const),
      literal: oneOf(r, ['hinted', 'spelled-out', null] as const),
      touches: yes(r) ? [{ kind: 'surprise', what: 'a small owl', where: 'in the moss' }] : []
    }),
  changeHousehold: (look, r) => edits.changeHousehold(look, { toddlers: yes(r), dogs: yes(r) }),
  changeBudget: (look, r) => edits.changeBudget(look, { totalCents: number(r, 0, 90_000), reservePercent: number(r, 0, 100) }),
  splitBudget: (look, r) => edits.splitBudget(look, oneOf(r, ['plain', 'groups', 'zones'] as const)),
  setCap: (look, r) => edits.setCap(look, 'florals', yes(r) ? number(r, 0, 9000) : null),
  changeBuying: (look, r) => edits.changeBuying(look, { tripCents: number(r, 0, 900), reusePercent: number(r, 0, 100) }),
  markBought: (look, r) =>
    edits.markBought(
      look,
      { pieceId: look.pieces[0]!.id, pieces: number(r, 1, 9), cents: 100, shop: 'Halfpenny Barn', day: '2027-01-20', note: '', photoId: null },
      orderOf(look)
    ),
  markAllBought: (look, r) =>
    edits.markAllBought(
      look,
      [0, 1].map((i) => ({
        bought: { pieceId: look.pieces[i]!.id, pieces: number(r, 1, 9), cents: 100 + i, shop: 'Halfpenny Barn', day: '2027-01-20', note: '', photoId: null },
        of: orderOf(look)
      }))
    ),
  changeBought: (look) => edits.changeBought(look, look.buying.bought[0]?.id ?? 'none', { note: 'changed' }),
  removeBought: (look) => edits.removeBought(look, look.buying.bought[0]?.id ?? 'none'),
  borrowPieces: (look, r) => edits.borrowPieces(look, oneOf(r, look.pieces).id, number(r, 1, 9)),
  changeBorrowed: (look) => edits.changeBorrowed(look, look.buying.borrowed[0]?.id ?? 'none', { from: 'A neighbor', backDay: '2027-02-01' }),
  removeBorrowed: (look) => edits.removeBorrowed(look, look.buying.borrowed[0]?.id ?? 'none'),
  drawReserve: (look, r) => edits.drawReserve(look, { cents: number(r, 1, 900), day: '2027-01-20', cause: 'a napkin' }),
  removeDraw: (look) => edits.removeDraw(look, look.buying.draws[0]?.id ?? 'none'),
  lockPacks: (look) => edits.lockPacks(look, orderOf(look)),
  goWithout: (look, r) => edits.goWithout(look, oneOf(r, look.pieces).id, yes(r)),
  mixWith: (look, r) => edits.mixWith(look, look.pieces[0]!.id, yes(r) ? [look.pieces[1]!.id] : []),
  layPlan: (look) =>
    edits.layPlan(look, {
      day: '2027-01-20',
      orders: [],
      offers: look.offers,
      shops: look.shops,
      alike: [{ ...look.pieces[0]!, id: 'alike-one' }],
      planned: plannedSums(look, '2027-01-20')
    }),
  keepPlanned: (look) => edits.keepPlanned(look, plannedSums(look, '2027-01-21')),
  setCandle: (look, r) => edits.setCandle(look, placedOf(look, r), yes(r) ? pieceOf(look, r, 'candle') : null, 30),
  lightAll: (look, r) => edits.lightAll(look, clock(r)),
  bringIn: (look) => edits.bringIn(look, { pieces: [{ ...look.pieces[0]!, name: 'Newer' }], offers: look.offers.slice(0, 2), claims: [] }),
  changeArrangement: (look, r) => edits.changeArrangement(look, arrangedOf(look, r), { spreadMm: number(r, 60, 500), mechanics: yes(r) ? 'frog' : null }),
  riseTo: (look, r) => edits.riseTo(look, arrangedOf(look, r), number(r, -500, 5000)),
  beginArrangement: (look, r) => edits.beginArrangement(look, placedOf(look, r)),
  setStems: (look, r) => edits.setStems(look, arrangedOf(look, r), pieceOf(look, r, 'stem') ?? 'none', number(r, 0, 30)),
  addStems: (look, r) => edits.addStems(look, arrangedOf(look, r), pieceOf(look, r, 'stem') ?? 'none'),
  takeIn: (look) => edits.takeIn(look, { piece: { ...look.pieces[0]!, id: 'from-a-shop' }, offers: [] }, (now) => edits.addGuest(now, 'Another')),
  nameGuests: (look) => edits.nameGuests(look, [{ name: 'Ottoline' }, { name: 'Marit', diet: 'vegetarian' }, { name: 'Someone new', leftHanded: true }]),
  nameLook: (look) => edits.nameLook(look, 'By the window'),
  addGuest: (look) => edits.addGuest(look, 'Another'),
  setGuestCount: (look, r) => edits.setGuestCount(look, number(r, 1, 16), (n) => `Guest ${n}`),
  changeGuest: (look, r) => edits.changeGuest(look, { ...guestOf(look, r), name: 'Renamed', leftHanded: true }),
  removeGuest: (look, r) => edits.removeGuest(look, guestOf(look, r).id),
  exchangeSeats: (look, r) => edits.exchangeSeats(look, number(r, 1, 14), number(r, 1, 14)),
  changeLinens: (look, r) => edits.changeLinens(look, { clothId: yes(r) ? pieceOf(look, r, 'cloth') : null }),
  joinCloths: (look, r) => edits.joinCloths(look, yes(r)),
  layTopper: (look, r) => edits.layTopper(look, yes(r) ? pieceOf(look, r, 'cloth') : null),
  turnTopper: (look, r) => edits.turnTopper(look, yes(r)),
  layRunner: (look, r) => edits.layRunner(look, yes(r) ? pieceOf(look, r, 'runner') : null),
  foldRunner: (look, r) => edits.foldRunner(look, 'width', oneOf(r, [1, 2, 3] as const)),
  turnRunner: (look, r) => edits.turnRunner(look, oneOf(r, ['along', 'across', 'each-pair'] as const)),
  beginSewing: (look) => edits.beginSewing(look, 'Napkin'),
  stopSewing: (look) => edits.stopSewing(look),
  changeSewing: (look, r) => edits.changeSewing(look, { hemMm: number(r, 5, 40) }),
  addSewn: (look) => edits.addSewn(look, 'Runner'),
  changeSewn: (look, r) => edits.changeSewn(look, 'sew-1', { count: number(r, 1, 30) }),
  removeSewn: (look) => edits.removeSewn(look, 'sew-1'),
  serveCourse: (look, r) => edits.serveCourse(look, oneOf(r, ['soup', 'salad', 'main', 'dessert'] as const), yes(r)),
  pourDrink: (look, r) => edits.pourDrink(look, oneOf(r, ['water', 'red', 'white'] as const), yes(r)),
  changeMenu: (look, r) => edits.changeMenu(look, { service: oneOf(r, ['plated', 'buffet', 'family'] as const), sideboardMm: yes(r) ? 1500 : null }),
  addDish: (look) => edits.addDish(look, 'Stew'),
  changeDish: (look, r) => edits.changeDish(look, { ...(dishOf(look, r) ?? newDish('dish-1', 'main')), name: 'Another', course: 'dessert' }),
  removeDish: (look, r) => edits.removeDish(look, dishOf(look, r)?.id ?? 'none'),
  standDish: (look, r) => edits.standDish(look, dishOf(look, r)?.id ?? 'none', [{ xMm: number(r, -300, 300) + 0.4, yMm: 0 }]),
  changePlaced: (look, r) => edits.changePlaced(look, placedOf(look, r), { xMm: number(r, -500, 500), atMeal: yes(r) }),
  turnPlaced: (look, r) => edits.turnPlaced(look, placedOf(look, r), number(r, -800, 800)),
  replacePlaced: (look, r) => edits.replacePlaced(look, placedOf(look, r), pieceOf(look, r, 'vessel') ?? look.pieces[0]!.id),
  lockPlaced: (look, r) => edits.lockPlaced(look, [placedOf(look, r)], yes(r)),
  rememberMiddle: (look) => edits.rememberMiddle(look, 'As it was', 'to try another'),
  bringBackMiddle: (look) => edits.bringBackMiddle(look, look.variants[0]?.id ?? 'none', 'the other was better'),
  forgetMiddle: (look) => edits.forgetMiddle(look, look.variants[0]?.id ?? 'none'),
  changeRoom: (look, r) => edits.changeRoom(look, { pass: yes(r), door: oneOf(r, ['north', null] as const) }),
  setWall: (look, r) => edits.setWall(look, oneOf(r, ['north', 'east', 'south', 'west'] as const), oneOf(r, [null, 'near', 1200] as const)),
  hangLamp: (look, r) => edits.hangLamp(look, yes(r)),
  dressLamp: (look, r) => edits.dressLamp(look, oneOf(r, ['garland-olive', null] as const)),
  changeLamp: (look, r) => edits.changeLamp(look, { bottomMm: number(r, 1200, 2000) }),
  standAtWall: (look, r) => edits.standAtWall(look, yes(r)),
  addPicture: (look) => edits.addPicture(look, 'Picture'),
  changePicture: (look, r) => edits.changePicture(look, look.room.behind?.art[0]?.id ?? 'none', { xMm: number(r, -500, 500) }),
  removePicture: (look) => edits.removePicture(look, look.room.behind?.art[0]?.id ?? 'none'),
  addSocket: (look) => edits.addSocket(look),
  changeSocket: (look, r) => edits.changeSocket(look, 0, { xMm: number(r, -900, 900) }),
  removeSocket: (look) => edits.removeSocket(look, 0),
  addView: (look) => edits.addView(look, 'Window'),
  changeView: (look, r) => edits.changeView(look, look.room.views[0]?.id ?? 'none', { widthMm: number(r, 300, 2000) }),
  removeView: (look) => edits.removeView(look, look.room.views[0]?.id ?? 'none'),
  changeSchool: (look, r) => edits.changeSchool(look, { groups: oneOf(r, ['odd', 'pairs'] as const) }),
  askAgain: (look) => edits.askAgain(look),
  changeSetting: (look, r) => edits.changeSetting(look, oneOf(r, ['A', 'B'] as const), { card: yes(r) }),
  addLayer: (look, r) => edits.addLayer(look, oneOf(r, ['A', 'B', 'C'] as const), 'glassIds', pieceOf(look, r, 'glass') ?? 'none'),
  moveLayer: (look, r) => edits.moveLayer(look, 'A', 'plateIds', number(r, 0, 3), number(r, 0, 3)),
  layBaseSet: (look) => edits.layBaseSet(look, { name: 'B', laid: { ...look.setting, plateIds: [], glassIds: ['none'] } }),
  removeLayer: (look) => edits.removeLayer(look, 'A', 'glassIds', 0),
  layNapkin: (look, r) => edits.layNapkin(look, 'A', yes(r) ? pieceOf(look, r, 'napkin') : null),
  changeNapkin: (look, r) => edits.changeNapkin(look, 'A', { place: oneOf(r, ['left', 'on-plate'] as const) }),
  layPattern: (look, r) => edits.layPattern(look, oneOf(r, ['A', 'B'] as const), [pieceOf(look, r, 'flatware') ?? 'none']),
  layFlatware: (look, r) => edits.layFlatware(look, 'A', 'soup-spoon', yes(r) ? pieceOf(look, r, 'flatware') : null),
  dropSubstitute: (look) => edits.dropSubstitute(look, 'A', 'soup-spoon'),
  changeKinds: (look, r) => edits.changeKinds(look, { mirrorLeftHanded: yes(r), childSafe: yes(r) }),
  addKind: (look) => (look.kinds.others.length < 2 ? edits.addKind(look) : edits.removeKind(look, 'B')),
  removeKind: (look, r) => edits.removeKind(look, oneOf(r, ['B', 'C'] as const)),
  giveKind: (look, r) => edits.giveKind(look, guestOf(look, r).id, look.kinds.others[0]?.key ?? 'A'),
  changeTable: (look, r) => edits.changeTable(look, { ...look.table, heightMm: number(r, 680, 780) })
}

function frozen<T>(value: T): T {
  if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) {
    Object.freeze(value)
    Object.values(value).forEach(frozen)
  }
  return value
}

const before = [
  ...['pearl-anniversary', 'mending-circle', 'ferry-crew', 'ordinary-week'].map(demoLook),
  ...Array.from({ length: many(2) }, (_, i) => generateLook(3 * (i + 1), { guests: 8, pieces: 6, manner: 'wild' }))
].map(frozen)

describe.each(Object.entries(made))('%s', (_, make) => {
  it('leaves the look it is made on as it was, comes to a sound look, and is taken back whole', () => {
    for (const [i, look] of before.entries()) {
      const random = seededRandom(i + 1)
      const edit = make(look, random)
      const after = applyEdit(look, { patches: JSON.parse(JSON.stringify(edit.patches)) as Edit['patches'] })
      expect(after).toEqual(applyEdit(look, edit))
      const sound = validateLook(JSON.parse(JSON.stringify(after)))
      expect(sound.ok ? [] : sound.faults).toEqual([])
      expect(applyEdit(after, inverseOf(edit))).toEqual(look)
    }
  })
})

it('of any twenty edits one after another each can be taken back, to the look as it was', () => {
  const names = Object.keys(made) as (keyof typeof made)[]
  for (let seed = 1; seed <= 25; seed++) {
    const random = seededRandom(seed * 31)
    let look = demoLook()
    const states: Look[] = []
    const done: Edit[] = []
    for (let i = 0; i < 20; i++) {
      const edit = made[oneOf(random, names)](look, random)
      states.push(look)
      done.push(edit)
      look = applyEdit(look, edit)
    }
    for (const edit of done.reverse()) {
      look = applyEdit(look, inverseOf(edit))
      expect(look).toEqual(states.pop())
    }
  }
})

const after = (look: Look, edit: Edit) => applyEdit(look, edit)
const demo = demoLook()

describe('the brief', () => {
  it('moves the end with the arrival, and takes an end before it as after midnight', () => {
    const lasts = demo.occasion.endMin - demo.occasion.arriveMin
    const moved = after(demo, edits.moveArrival(demo, 600))
    expect(moved.occasion.endMin - moved.occasion.arriveMin).toBe(lasts)
    expect(after(moved, edits.endAt(moved, 600)).occasion.endMin).toBe(2040)
    expect(after(moved, edits.endAt(moved, 601)).occasion.endMin).toBe(601)
  })
})

describe('guests', () => {
  it('get an id nobody has; one who stays away takes along what others wish of them and their kind of setting', () => {
    const look = { ...demo, guests: [newGuest(1), { ...newGuest(3), near: ['guest-1'], apart: ['guest-1'] }] }
    const more = after(look, edits.addGuest(look, 'New'))
    expect(new Set(more.guests.map((guest) => guest.id)).size).toBe(3)
    const kinds = after(look, edits.addKind(look))
    const given = after(kinds, edits.giveKind(kinds, 'guest-1', 'B'))
    const gone = after(given, edits.removeGuest(given, 'guest-1'))
    expect(gone.guests).toMatchObject([{ id: 'guest-3', near: [], apart: [] }])
    expect(gone.kinds.byGuest).toEqual([])
  })

  it('exchange their places and nothing else; a place there is not changes nothing', () => {
    const swapped = after(demo, edits.exchangeSeats(demo, 1, 2))
    expect(swapped.guests.map((guest) => guest.id)).toEqual([demo.guests[1]!.id, demo.guests[0]!.id, ...demo.guests.slice(2).map((guest) => guest.id)])
    expect(edits.exchangeSeats(demo, 1, 99).patches).toEqual([])
    expect(edits.exchangeSeats(demo, 0, 1).patches).toEqual([])
  })
})

describe('the menu', () => {
  it('keeps courses and drinks in the order they are served, and serves a course a dish is of', () => {
    const none = { ...demo, occasion: { ...demo.occasion, courses: [] }, menu: { ...demo.menu, drinks: [], dishes: [] } } as Look
    const served = (['dessert', 'soup', 'main'] as const).reduce<Look>((look, course) => after(look, edits.serveCourse(look, course, true)), none)
    expect(served.occasion.courses).toEqual(['soup', 'main', 'dessert'])
    expect(edits.serveCourse(served, 'main', true).patches).toEqual([])
    const dish = after(none, edits.addDish(none, 'Stew'))
    expect(dish.occasion.courses).toEqual(['main'])
    expect(dish.menu.dishes).toMatchObject([{ name: 'Stew', course: 'main' }])
    const other = after(dish, edits.changeDish(dish, { ...dish.menu.dishes[0]!, course: 'dessert' }))
    expect(other.occasion.courses).toEqual(['main', 'dessert'])
  })
})

describe('settings', () => {
  it('a second kind begins like the first, for every second guest; a third is C; with the last one all have the same', () => {
    const two = after(demo, edits.addKind({ ...demo, kinds: { ...demo.kinds, others: [], spread: 'same' } }))
    expect(two.kinds).toMatchObject({ spread: 'alternating', others: [{ key: 'B', setting: demo.setting }] })
    const three = after(two, edits.addKind(two))
    expect(three.kinds.others.map((other) => other.key)).toEqual(['B', 'C'])
    const one = after(after(three, edits.removeKind(three, 'B')), edits.removeKind(after(three, edits.removeKind(three, 'B')), 'C'))
    expect(one.kinds).toMatchObject({ spread: 'same', others: [], byGuest: [] })
  })

  it('change the kind they are of and no other', () => {
    const two = after(demo, edits.addKind({ ...demo, kinds: { ...demo.kinds, others: [] } }))
    const glass = two.pieces.find((piece) => piece.kind === 'glass')!.id
    const more = after(two, edits.addLayer(two, 'B', 'glassIds', glass))
    expect(more.setting).toEqual(two.setting)
    expect(more.kinds.others[0]!.setting.glassIds).toEqual([...two.setting.glassIds, glass])
    expect(after(more, edits.removeLayer(more, 'B', 'glassIds', two.setting.glassIds.length)).kinds).toEqual(two.kinds)
  })
})

describe('the middle', () => {
  it('turns within one turn', () => {
    const id = demo.centerpiece[0]!.id
    const at = (by: number) => after(demo, edits.turnPlaced(demo, id, by)).centerpiece[0]!.turnDeg
    for (const by of [-725, -5, 0, 5, 359, 725]) {
      expect(at(by)).toBeGreaterThanOrEqual(0)
      expect(at(by)).toBeLessThan(360)
      expect((at(by) - demo.centerpiece[0]!.turnDeg - by) % 360).toBeCloseTo(0)
    }
  })

  it('put aside and brought back is the same, and what stood meanwhile is put aside instead', () => {
    const kept = after(demo, edits.rememberMiddle(demo, 'First', 'why'))
    const bare = { ...kept, centerpiece: [] }
    const back = after(bare, edits.bringBackMiddle(bare, kept.variants.at(-1)!.id, 'better'))
    expect(back.centerpiece).toEqual(demo.centerpiece)
    expect(back.variants.at(-1)).toMatchObject({ centerpiece: [], why: 'better', name: 'First' })
    const fewer = { ...bare, pieces: bare.pieces.filter((piece) => piece.id !== demo.centerpiece[0]!.pieceId) }
    expect(after(fewer, edits.bringBackMiddle(fewer, kept.variants.at(-1)!.id, '')).centerpiece).not.toContainEqual(demo.centerpiece[0])
  })

  it('flowers rise by hand between 2 and 90 cm; so many stems are as many, none is no line', () => {
    const id = demo.centerpiece.find((placed) => placed.arrangement)!.id
    const arranged = (look: Look) => look.centerpiece.find((placed) => placed.id === id)!.arrangement!
    expect(arranged(after(demo, edits.riseTo(demo, id, -400))).riseMm).toBe(20)
    expect(arranged(after(demo, edits.riseTo(demo, id, 4000))).riseMm).toBe(900)
    expect(arranged(after(demo, edits.riseTo(demo, id, 123.4))).riseMm).toBe(123)
    const stemId = arranged(demo).stems[0]!.stemId
    expect(arranged(after(demo, edits.setStems(demo, id, stemId, 0))).stems.some((line) => line.stemId === stemId)).toBe(false)
    expect(edits.addStems(demo, id, stemId).patches).toEqual([])
  })

  it('moves with its group on the table, never what is locked; and dropped on the table stands where it was let go', () => {
    const [first, second] = demo.centerpiece
    const grouped = after(demo, edits.changePlaced(demo, second!.id, { group: 'g' } as never))
    const both = after(grouped, edits.changePlaced(grouped, first!.id, { group: 'g' } as never))
    const moved = after(both, shiftEdit(both, first!.id, { x: 25, y: -10 }))
    const spots = (look: Look) => look.centerpiece.slice(0, 2).map((placed) => [placed.xMm, placed.yMm])
    const by = spots(moved).map(([x, y], i) => [x! - spots(both)[i]![0]!, y! - spots(both)[i]![1]!])
    expect(by[0]).toEqual([25, -10])
    const locked = after(both, edits.lockPlaced(both, [first!.id], true))
    expect(spots(after(locked, shiftEdit(locked, first!.id, { x: 25, y: -10 })))[0]).toEqual(spots(locked)[0])
    const self = standings(demo)[0]!
    expect(after(demo, dropEdit(demo, self, { x: 33.4, y: -8.6 }, null)).centerpiece[0]).toMatchObject({ on: null, level: 0, xMm: 33, yMm: -9 })
    expect(after(demo, standAs(demo, self, 'standing', null)).centerpiece[0]).toMatchObject({ on: null, how: 'standing', xMm: Math.round(self.pose.x) })
  })
})

describe('candles', () => {
  it('are lit when the others are, or so long before guests arrive; a minute far before the arrival is after midnight', () => {
    const holder = demo.centerpiece.find((placed) => demo.pieces.find((piece) => piece.id === placed.pieceId)?.kind === 'holder')
    const bare = { ...demo, centerpiece: demo.centerpiece.map((placed) => ({ ...placed, candle: null })) }
    const candle = demo.pieces.find((piece) => piece.kind === 'candle')!.id
    const lit = after(bare, edits.setCandle(bare, holder!.id, candle, 30))
    expect(lit.centerpiece.find((placed) => placed.id === holder!.id)!.candle).toEqual({ candleId: candle, lightAtMin: demo.occasion.arriveMin - 30 })
    expect(after(lit, edits.lightAll(lit, 5)).centerpiece.find((placed) => placed.candle)!.candle!.lightAtMin).toBe(1445)
  })
})

describe('money', () => {
  it('a cap is set in its own way of parting and nowhere else, 0 is a cap and null is none', () => {
    const plain = after(demo, edits.splitBudget(demo, 'plain'))
    expect(edits.setCap(plain, 'florals', 100).patches).toEqual([])
    const parted = after(plain, edits.splitBudget(plain, 'groups'))
    const capped = after(parted, edits.setCap(parted, 'florals', 0))
    expect(capped.money.split).toEqual({ kind: 'groups', caps: [{ part: 'florals', capCents: 0 }] })
    expect(after(capped, edits.setCap(capped, 'florals', null)).money.split).toEqual({ kind: 'groups', caps: [] })
    expect(edits.splitBudget(capped, 'groups').patches).toEqual([])
  })

  it('what is bought is ordered no more; a pack is kept or let go; a shop without a line is no trip', () => {
    const line = (offerId: string) => ({ offerId, packs: 2, locked: false })
    const order = { shop: 'Halfpenny Barn', slot: 'ahead', way: 'trip', coupon: false, lines: [line('a'), line('b')] }
    const look = { ...demo, buying: { ...demo.buying, orders: [order], bought: [] } } as unknown as Look
    const of = (offerId: string) => ({ shop: 'Halfpenny Barn', slot: 'ahead', offerId }) as never
    const bought = { pieceId: 'x', pieces: 2, cents: 1, shop: '', day: '', note: '', photoId: null }
    const one = after(look, edits.markBought(look, bought, of('a')))
    expect(one.buying.orders[0]!.lines.map((each) => each.offerId)).toEqual(['b'])
    expect(after(one, edits.markBought(one, bought, of('b'))).buying.orders).toEqual([])
    expect(new Set(after(one, edits.markBought(one, bought, of('b'))).buying.bought.map((each) => each.id)).size).toBe(2)
    const locked = after(look, edits.lockPacks(look, of('b')))
    expect(locked.buying.orders[0]!.lines.map((each) => each.locked)).toEqual([false, true])
    expect(after(locked, edits.lockPacks(locked, of('b'))).buying).toEqual(look.buying)
  })

  it('a plan brings what may stand in once, however often it is laid', () => {
    const alike = { ...demo.pieces[0]!, id: 'alike-one' }
    const plan = { day: '2027-01-20', orders: [], offers: demo.offers, shops: demo.shops, alike: [alike], planned: plannedSums(demo, '2027-01-20') }
    const once = after(demo, edits.layPlan(demo, plan))
    expect(after(once, edits.layPlan(once, plan)).pieces).toEqual([...demo.pieces, alike])
  })
})

it('what was planned stays as it was made while things are bought, and what is spent and still open add up beside it', () => {
  const kept = after(demo, edits.keepPlanned(demo, plannedSums(demo, '2027-01-20')))
  const line = buyList(kept).lines.find((one) => one.mix.costCents > 0)!
  const bought = {
    pieceId: line.need.piece.id,
    pieces: line.need.short,
    cents: line.mix.costCents + 700,
    day: '2027-01-21',
    shop: 'Any',
    note: '',
    photoId: null
  }
  const [before, now] = [kept, after(kept, edits.markBought(kept, bought, { shop: 'Any', slot: 'ahead', offerId: 'none' }))].map((look) =>
    buyList(look).groups.find((part) => part.part === line.need.group)!
  )
  expect(before).toMatchObject({ plannedCents: before!.openCents + before!.spentCents })
  expect(now!.plannedCents).toBe(before!.plannedCents)
  expect(now!.spentCents + now!.openCents - now!.plannedCents!).toBe(700)
})

it('from ten guests to twelve and back is one step each, and nobody who stays loses a name, a seat or a wish', () => {
  const twelve = after(
    demo,
    edits.setGuestCount(demo, 12, (n) => `Guest ${n}`)
  )
  expect(twelve.guests.slice(0, demo.guests.length)).toEqual(demo.guests)
  expect(twelve.guests.slice(demo.guests.length).map((guest) => guest.name)).toEqual(['Guest 11', 'Guest 12'])
  expect(new Set(twelve.guests.map((guest) => guest.id)).size).toBe(12)
  expect(after(twelve, edits.setGuestCount(twelve, 10, String)).guests).toEqual(demo.guests)
})

it('news of the cupboard are written over what the look carried, and what only the look has stays', () => {
  const news = { ...demo.pieces[0]!, name: 'Newer' }
  const look = after(demo, edits.bringIn(demo, { pieces: [news, { ...news, id: 'another' }], offers: [], claims: [] }))
  expect(look.pieces).toHaveLength(demo.pieces.length + 1)
  expect(look.pieces.filter((piece) => piece.id === news.id)).toEqual([news])
})

it('numbered ids are never given twice', () => {
  const list = [{ id: 'dish-1' }, { id: 'dish-3' }]
  expect(list.map((one) => one.id)).not.toContain(numberedId('dish', list))
})
