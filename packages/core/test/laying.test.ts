import {
  applyEdit,
  checkCodes,
  createAssessor,
  fitToTable,
  inverseOf,
  layingChecks,
  layingMinutes,
  leavesRound,
  needs,
  oneKind,
  partialSets,
  seatPlan,
  setSpreads,
  settingItems,
  type Look
} from '@hestiad/core'
import { parseLook, validateLook } from '@hestiad/core/formats'
import { describe, expect, it } from 'vitest'
import { generateLook } from './support/generateLook.js'
import { demoLook, measured } from './support/looks.js'

const codes = (look: Look) =>
  createAssessor()
    .measure(look)
    .findings.map((finding) => finding.code)
    .sort()

/** The look with everything moved by a symmetry of its table: the middle's pieces and, place by place, the guests. */
function moved(look: Look, at: (x: number, y: number) => readonly [number, number], turn: (deg: number) => number): Look {
  const { places } = seatPlan(look)
  const guests = places.map((place) => {
    const [x, y] = at(place.x, place.y)
    const from = places.findIndex((other) => Math.hypot(other.x - x, other.y - y) < 1)
    return look.guests[from]!
  })
  const centerpiece = look.centerpiece.map((placed) => {
    if (placed.on !== null) return { ...placed, turnDeg: placed.turnDeg }
    const [xMm, yMm] = at(placed.xMm, placed.yMm)
    return { ...placed, xMm, yMm, turnDeg: turn(placed.turnDeg) }
  })
  return { ...look, guests, centerpiece }
}

describe('a verdict', () => {
  it('does not change when the whole table is turned half round', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const look = generateLook(400 + seed, { guests: 6 + 2 * (seed % 4), pieces: 14, manner: 'laid' })
      expect(
        codes(
          moved(
            look,
            (x, y) => [-x, -y],
            (deg) => deg + 180
          )
        ),
        `seed ${seed}`
      ).toEqual(codes(look))
    }
  })

  it('on faces does not change in the mirror', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const look = generateLook(500 + seed, { guests: 6 + 2 * (seed % 4), pieces: 14, manner: 'laid' })
      const sight = (l: Look) => createAssessor().measure(l).figures.sight
      const mirrored = moved(
        look,
        (x, y) => [-x, y],
        (deg) => -deg
      )
      expect(sight(mirrored).seen, `seed ${seed}`).toBe(sight(look).seen)
      expect([...sight(mirrored).seenBy].sort()).toEqual([...sight(look).seenBy].sort())
    }
  })
})

describe('a finished look on another table', () => {
  it('is fitted by moving what stands astray and taking off what finds no room, and nothing astray is left', () => {
    const look = { ...demoLook(), table: { ...demoLook().table, leaves: { owned: 2, in: 0, eachMm: 457.2 } }, guests: demoLook().guests.slice(0, 6) }
    const before = measured(look).findings.filter((finding) => finding.code === 'piece.off' || finding.code === 'piece.setting').length
    expect(before).toBeGreaterThan(1)
    const { edit, moved: ids, off } = fitToTable(look)
    expect(ids.length + off.length).toBeGreaterThan(0)
    const fitted = applyEdit(look, edit)
    expect(codes(fitted).filter((code) => code === 'piece.off' || code === 'piece.setting')).toEqual([])
    expect(fitted.centerpiece.map((placed) => placed.id).sort()).toEqual(
      look.centerpiece
        .map((placed) => placed.id)
        .filter((id) => !off.includes(id))
        .sort()
    )
    expect(applyEdit(fitted, inverseOf(edit))).toEqual(look)
  })

  it('that already fits is left as it is', () => expect(fitToTable(demoLook())).toMatchObject({ moved: [], off: [] }))
})

describe('laying by somebody else', () => {
  it('the list names what is there: counts, kinds, cards, care, left hands and children', () => {
    const look = demoLook()
    const of = (l: Look) => new Map(layingChecks(l).map((check) => [check.code, check.params]))
    expect(of(look).get('places')).toEqual({ count: 10 })
    expect(of(look).get('edge')).toEqual({ edgeMm: 25 })
    expect(of(look).get('flatware')).toMatchObject({ left: 1, right: 2, above: 2 })
    expect(of(look).get('care')!['names']).toContain('Brass-rim charger')
    expect(of(look).has('card')).toBe(false)
    const full: Look = {
      ...look,
      setting: { ...look.setting, card: true, starId: look.setting.plateIds[1]! },
      kinds: { ...oneKind, others: [{ key: 'B', setting: look.setting }], spread: 'alternating', mirrorLeftHanded: true, childSafe: true }
    }
    expect(of(full).get('kinds')).toEqual({ kinds: 'A 5, B 5' })
    expect(of(full).get('left-handed')).toEqual({ names: 'Ilse' })
    expect(of(full).get('card')!['names']).toContain('Ottoline')
    const told = [...of(full).keys()]
    expect(told).toEqual(checkCodes.filter((code) => told.includes(code)))
    expect(layingChecks({ ...look, guests: [] })).toEqual([])
  })

  it('minutes go by places, things and folds: twice the guests take twice as long', () => {
    const look = demoLook()
    const ten = layingMinutes(look)
    const five = layingMinutes({ ...look, guests: look.guests.slice(0, 5) })
    expect(five.laying).toBeCloseTo(ten.laying / 2, 6)
    expect(ten.folding).toBeCloseTo(10 * 0.5, 6)
    const fans = layingMinutes({ ...look, setting: { ...look.setting, napkin: { ...look.setting.napkin!, fold: 'fan' } } })
    expect(fans.folding).toBeCloseTo(20, 6)
  })
})

describe('a set that does not go round', () => {
  it('is told with what is owned, and spread so that less is to buy than before', () => {
    const look = demoLook()
    const short = partialSets(look)
    expect(short.find((one) => one.pieceId === 'charger-brass')).toEqual({ pieceId: 'charger-brass', owned: 6, needed: 10 })
    const spread = setSpreads(look).find((one) => one.pieceId === 'charger-brass')!
    const spreadOut = applyEdit(look, spread.edit)
    expect(validateLook(spreadOut)).toMatchObject({ ok: true })
    const toBuy = (l: Look) => needs(l).filter((need) => need.piece.id === spread.pieceId || need.piece.id === spread.otherId)
    expect(toBuy(spreadOut).reduce((sum, need) => sum + need.short, 0)).toBe(spread.short)
    expect(spread.short).toBeLessThan(4)
    expect(setSpreads(spreadOut)).toEqual([])
  })
})

it('a file from before seats, menus and kinds is read whole, and everything new in it can be said and comes back', () => {
  const { room, kinds, menu, ...old } = demoLook()
  const before = {
    ...old,
    table: Object.fromEntries(Object.entries(old.table).filter(([key]) => key !== 'apronMm' && key !== 'chair')),
    guests: old.guests.map(({ id, name, body, leftHanded, wheelchair }) => ({ id, name, body, leftHanded, wheelchair })),
    linens: { clothId: old.linens.clothId, runner: old.linens.runner, matId: old.linens.matId }
  }
  const read = parseLook(JSON.stringify(before))
  expect(read.ok ? read.value : read.faults).toMatchObject({
    room: { pass: false, lightFrom: null },
    kinds: oneKind,
    menu: { dishes: [] },
    table: { apronMm: null, chair: { kind: 'side' } },
    linens: { topper: null, sewing: null }
  })
  const said = {
    ...demoLook(),
    room: { ...room, fixture: { bottomMm: 1500, widthMm: 300, greens: null } },
    kinds: { ...kinds, spread: 'heads' as const },
    menu: { ...menu, sideboardMm: 1800 }
  }
  const back = parseLook(JSON.stringify(said))
  expect(back).toEqual({ ok: true, value: said })
  for (const [spoil, place] of [
    [{ ...said, menu: { ...menu, dishes: [{ ...menu.dishes[0]!, vesselId: 'nowhere' }] } }, '/menu/dishes/0/vesselId'],
    [{ ...said, kinds: { ...kinds, others: [{ key: 'B', setting: { ...said.setting, plateIds: ['nowhere'] } }] } }, '/kinds/others/0/setting/plateIds/0'],
    [{ ...said, table: { ...said.table, shape: { kind: 'joined', form: 'L', lengthMm: 1800, widthMm: 800, along: 0, across: 1 } } }, '/table/shape/along']
  ] as const) {
    const refused = validateLook(spoil)
    expect(refused.ok ? [] : refused.faults.map((fault) => fault.place)).toContain(place)
  }
})

describe('leaves that line a plate', () => {
  const look = demoLook()
  const lined: Look = { ...look, setting: { ...look.setting, leavesId: 'kale-leaf' } }
  const [plate, leaf] = [look.setting.plateIds[0], 'kale-leaf'].map((id) => look.pieces.find((piece) => piece.id === id)!)

  it('go all round its rim, each over a quarter of the next, and not one more', () => {
    for (const [diameterMm, leafMm] of [
      [270, 90],
      [320, 110],
      [150, 40]
    ] as const) {
      const count = leavesRound(diameterMm, leafMm)
      expect(count * leafMm * 0.75).toBeGreaterThanOrEqual(Math.PI * diameterMm - 1e-6)
      expect((count - 1) * leafMm * 0.75).toBeLessThan(Math.PI * diameterMm)
    }
    expect(() => leavesRound(270, 0)).toThrow(RangeError)
  })

  it('are needed for every guest who has that plate, with spares as other stems, and whoever lays the table reads how many', () => {
    const { count } = settingItems(lined).items[0]!.leaves!
    expect(count).toBe(leavesRound((plate as { diameterMm: number }).diameterMm, (leaf as { headMm: number }).headMm))
    const need = needs(lined).find((line) => line.piece.id === 'kale-leaf')!
    expect(need.perGuest).toBe(count)
    expect(need.needed).toBe(count * look.guests.length + Math.ceil((count * look.guests.length * look.school.spareStemsPercent) / 100))
    expect(needs(look).some((line) => line.piece.id === 'kale-leaf')).toBe(false)
    expect(layingChecks(lined).find((check) => check.code === 'leaves')?.params).toEqual({ count, name: 'Kale leaf' })
    const heads: Look = { ...look, kinds: { ...look.kinds, others: [{ key: 'B', setting: lined.setting }], spread: 'heads' } }
    const atHeads = needs(heads).find((line) => line.piece.id === 'kale-leaf')!
    expect(atHeads.perLook % count).toBe(0)
    expect(atHeads.perLook).toBeLessThan(count * look.guests.length)
    // without a plate there is nothing to line
    expect(needs({ ...lined, setting: { ...lined.setting, plateIds: [] } }).some((line) => line.piece.id === 'kale-leaf')).toBe(false)
  })
})
