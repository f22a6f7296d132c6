import { buyList, createAssessor, newGuest, noMenu, type FindingCode, type Guest, type Look, type Placed } from '@hestiad/core'
import { describe, expect, it } from 'vitest'
import { seatPlan } from '../src/seating/seatPlan.js'
import { roomFindings } from '../src/room/roomFindings.js'
import { covers, wallFindings } from '../src/wall/wallFindings.js'
import { standings } from '../src/centerpiece/standing.js'
import { demoLook, guests, longTable, roundTable, put, tidyLook, withPiece } from './support/looks.js'

const inch = 25.4
const demo = demoLook()
const plain = tidyLook()
const findings = (look: Look) => createAssessor().measure(look).findings
const found = (look: Look, code: FindingCode) => findings(look).filter((finding) => finding.code === code)
const rooms = (look: Look) => roomFindings(look, seatPlan(look), standings(look))
const roomCodes = (look: Look) => rooms(look).map((finding) => finding.code)

/** One guest changed, the first. */
const first = (change: Partial<Guest>, look = plain): Look => ({ ...look, guests: look.guests.map((guest, i) => (i === 0 ? { ...guest, ...change } : guest)) })

describe('a wheelchair', () => {
  // 2010 ADA Standards for Accessible Design: 306.3 knee clearance 27 in, 902.3 surfaces 28 to 34 in, 305.3 clear floor 30 x 48 in
  const at = (heightIn: number, kneeIn: number) => {
    const look = first({ wheelchair: true }, { ...plain, guests: guests(4) })
    return { ...look, table: { ...look.table, heightMm: heightIn * inch, seatHeightMm: 400, apronMm: (heightIn - kneeIn) * inch } }
  }
  it.each([
    [28, 27, false],
    [34, 27, false],
    [27.9, 27, true],
    [34.1, 27, true],
    [30, 26.9, true]
  ])('at a table of %d in with knees %d in high under it: told %s', (heightIn, kneeIn, isTold) => {
    expect(roomCodes(at(heightIn, kneeIn)).includes('wheelchair.knees')).toBe(isTold)
  })

  it('is not told of knees where nobody measured the apron, nor where nobody has a wheelchair', () => {
    const low = at(27, 20)
    expect(roomCodes({ ...low, table: { ...low.table, apronMm: null } })).not.toContain('wheelchair.knees')
    expect(roomCodes({ ...low, guests: guests(4) })).not.toContain('wheelchair.knees')
  })

  it('needs 48 in behind it where another guest needs 30, or 48 where people pass', () => {
    const clear = (clearIn: number, look: Look) =>
      rooms({
        ...look,
        room: { ...look.room, pass: false, clearMm: { north: clearIn * inch, east: clearIn * inch, south: clearIn * inch, west: clearIn * inch } }
      }).filter((one) => one.code === 'room.behind')
    expect(clear(30, plain)).toEqual([])
    expect(clear(29.9, plain).map((one) => one.severity)).toContain('warn')
    const wheels = first({ wheelchair: true })
    expect(clear(48, wheels)).toEqual([])
    expect(clear(47.9, wheels)).toMatchObject([{ severity: 'note', because: 'wheels' }])
    const passing = { ...plain, room: { ...plain.room, pass: true } }
    const tight = rooms({ ...passing, room: { ...passing.room, clearMm: { north: 47.9 * inch, east: null, south: 48 * inch, west: null } } }).filter(
      (one) => one.code === 'room.behind'
    )
    expect(tight).toMatchObject([{ at: { kind: 'side', side: 'north' }, severity: 'note', because: 'pass-behind' }])
  })
})

describe('chairs', () => {
  const chairs = (kind: 'side' | 'arm', widthIn: number, tableIn: number) => ({
    ...plain,
    table: { ...longTable(tableIn, 44, 'closed'), chair: { kind, widthMm: widthIn * inch } }
  })
  it('touch when a place is narrower than the chair and an inch between chairs', () => {
    // three on each side of 90 in have 30 in each
    expect(roomCodes(chairs('side', 29, 90))).not.toContain('chair.wide')
    expect(roomCodes(chairs('side', 29.1, 90))).toContain('chair.wide')
  })

  it('with arms, for one guest, have 26 in or are told, at that seat alone', () => {
    let told = 0
    for (let lengthIn = 54; lengthIn <= 80; lengthIn++) {
      const narrow = { ...plain, table: { ...longTable(lengthIn, 44, 'closed'), chair: { kind: 'side', widthMm: 14 * inch } as const } }
      const arms = first({ chair: 'armchair' }, narrow)
      const wide = rooms(arms).find((one) => one.code === 'chair.wide')
      expect(wide === undefined, `${lengthIn} in`).toBe(seatPlan(arms).places[0]!.widthMm >= 26 * inch - 1e-6)
      if (wide) expect(wide).toMatchObject({ at: { numbers: [1] } })
      told += wide ? 1 : 0
      expect(roomCodes(first({ chair: 'armchair', wheelchair: true }, narrow))).not.toContain('chair.wide')
    }
    expect(told).toBeGreaterThan(0)
  })

  it('on a bench give each guest 20 in', () => {
    const bench = (lengthIn: number) => ({ ...plain, table: { ...plain.table, chair: { kind: 'bench', widthMm: lengthIn * inch } as const } })
    expect(roomCodes(bench(60))).not.toContain('bench.short')
    expect(rooms(bench(59.9)).find((one) => one.code === 'bench.short')).toMatchObject({ measured: { guests: 3 }, limit: { widthMm: 60 * inch } })
  })

  it('for small children are for those up to three years', () => {
    const child = (ageYears: number) => first({ chair: 'high-chair', body: { kind: 'child', ageYears, boosterMm: 0 } })
    expect(roomCodes(child(3))).not.toContain('high-chair.age')
    expect(roomCodes(child(4))).toContain('high-chair.age')
    expect(roomCodes(first({ chair: 'high-chair' }))).toContain('high-chair.age')
  })
})

describe('a lamp above the table', () => {
  const under = (topMm: number, xMm: number, widthMm = 600) => {
    const jug = withPiece({ ...plain, centerpiece: [put('v', 'jug-sky', { xMm })] }, 'jug-sky', { heightMm: topMm, depthMm: topMm - 10 })
    return roomCodes({ ...jug, room: { ...plain.room, fixture: { bottomMm: plain.table.heightMm + 700, widthMm, greens: null } } })
  }
  it('is too low over what comes within 4 in of it, and over nothing beside it', () => {
    expect(under(700 - 4 * inch, 0)).not.toContain('fixture.low')
    expect(under(700 - 4 * inch + 1, 0)).toContain('fixture.low')
    expect(under(700, 301)).not.toContain('fixture.low')
    expect(under(700, 299)).toContain('fixture.low')
  })
})

describe('a picture behind a sideboard', () => {
  /** A box of a piece before a picture of 1 m by 1 m whose lower edge is at the surface: what the eye at 2 m sees of it is hidden by similar triangles. */
  const hidden = (widthMm: number, topMm: number) => {
    const table = { ...longTable(60, 20), heightMm: 740 }
    const art = { xMm: 0, bottomMm: 740, widthMm: 1000, heightMm: 1000 }
    const look = withPiece(
      {
        ...plain,
        table,
        room: { ...plain.room, behind: { art: [art], sockets: [] } as unknown as Look['room']['behind'] },
        centerpiece: [put('b', 'riser-oak')]
      },
      'riser-oak',
      { extent: { kind: 'rectangle', lengthMm: widthMm, widthMm: 20 }, heightMm: topMm }
    )
    const { outline } = seatPlan(look)
    const standing = standings(look)
    const spots = Array.from({ length: 200 * 200 }, (_, i) => ({ x: -500 + 5 * (i % 200) + 2.5, z: 5 * Math.floor(i / 200) + 2.5 }))
    const share = spots.filter((spot) => standing[0]!.solids.some((solid) => covers(look, outline, solid, spot))).length / spots.length
    return { share, told: wallFindings(look, standing, outline) }
  }
  const hasRiser = demo.pieces.some((piece) => piece.id === 'riser-oak')
  const riser = hasRiser ? it : it.skip

  riser('is fought by what hides more than a fifth of it, measured on a grid twenty times as fine', () => {
    for (const [width, top] of [
      [1000, 150],
      [1000, 260],
      [500, 300],
      [200, 900],
      [900, 600]
    ] as const) {
      const { share, told } = hidden(width, top)
      if (Math.abs(share - 0.2) < 0.03) continue
      expect(
        told.map((one) => one.code),
        `${width} x ${top}: ${share}`
      ).toEqual(share > 0.2 ? ['art.hidden'] : [])
      // a row or a column of the grid more or less
      if (told[0]) expect(Math.abs((told[0].measured as { share: number }).share - share)).toBeLessThan(0.1)
    }
  })
})

describe('money', () => {
  const napkins = (owned: number, change: Partial<Look> = {}) => withPiece({ ...plain, ...change }, 'napkin-persimmon', { owned })
  const spend = buyList(napkins(0)).groups.find((one) => one.part === 'settings')!.openCents

  it('of a part is told past its cap and not at it, with what was spent already', () => {
    const capped = (capCents: number, bought: Look['buying']['bought'] = []) =>
      found(
        napkins(0, {
          money: { ...plain.money, split: { kind: 'groups', caps: [{ part: 'settings', capCents }] } } as Look['money'],
          buying: { ...plain.buying, bought }
        }),
        'money.cap'
      )
    expect(spend).toBeGreaterThan(0)
    expect(capped(spend)).toEqual([])
    expect(capped(spend - 1)).toMatchObject([{ at: { part: 'settings' }, measured: { spendCents: spend }, limit: { spendCents: spend - 1 } }])
    const extra = { id: 'x', pieceId: 'dinner-oyster', pieces: 1, cents: 500, day: '2027-01-01', shop: 'S', note: '', photoId: null }
    expect(capped(spend + 499, [extra])).toHaveLength(1)
    expect(capped(spend + 500, [extra])).toEqual([])
  })

  it('drawn to the last cent of the reserve is within it, a cent more is not', () => {
    const reserve = buyList(plain).reserveCents
    const drawn = (cents: number) =>
      found({ ...plain, buying: { ...plain.buying, draws: [{ id: 'd', cents, cause: 'c', day: '2027-01-01' }] } }, 'money.reserve')
    expect(drawn(reserve)).toEqual([])
    expect(drawn(reserve + 1)).toMatchObject([{ measured: { drawnCents: reserve + 1 }, limit: { drawnCents: reserve } }])
  })

  it('a piece laid elsewhere that day is told when too few are left, and not when just enough are', () => {
    const claim = (count: number, settled = false) =>
      found(napkins(10, { claims: [{ pieceId: 'napkin-persimmon', count, occasion: 'Another', date: plain.occasion.date, settled }] }), 'piece.claimed')
    expect(claim(4)).toEqual([])
    expect(claim(5)).toMatchObject([{ measured: { needed: 6, claimed: 5, owned: 10 }, limit: { free: 5 } }])
    expect(claim(12)).toMatchObject([{ limit: { free: 0 } }])
    expect(claim(5, true)).toEqual([])
    // one that is short all the same, with nothing of it claimed, is to buy and not claimed
    expect(
      found(napkins(2, { claims: [{ pieceId: 'dinner-oyster', count: 1, occasion: 'Another', date: plain.occasion.date, settled: false }] }), 'piece.claimed')
    ).toEqual([])
  })

  it('a line that cannot be bought is a gap: a warning for what is laid, a note for a supply', () => {
    const bare = napkins(5, { offers: plain.offers.filter((offer) => offer.pieceId !== 'napkin-persimmon') })
    expect(found(bare, 'money.gap')).toMatchObject([{ severity: 'warn', measured: { pieces: 1, needed: 6 } }])
    expect(found(napkins(6, { offers: [] }), 'money.gap')).toEqual([])
  })
})

describe('flowers', () => {
  const cover = (arrangement: NonNullable<Placed['arrangement']>['stems'], fullness: Look['school']['fullness']) =>
    found(
      {
        ...plain,
        school: { ...plain.school, fullness },
        centerpiece: [put('v', 'jug-sky', { arrangement: { stems: arrangement, riseMm: 60, spreadMm: 150, mechanics: null } })]
      },
      'stems.sparse'
    )

  it('are sparse from the first stem too few, and the finding names how many make it whole', () => {
    const [told] = cover([{ stemId: 'lisianthus', count: 1 }], 'lush')
    const wanted = (told!.limit as { stems: number }).stems
    expect(wanted).toBeGreaterThan(2)
    expect(cover([{ stemId: 'lisianthus', count: wanted }], 'lush')).toEqual([])
    expect(cover([{ stemId: 'lisianthus', count: Math.floor(wanted * 0.9) }], 'lush')).toHaveLength(1)
  })

  it('too short to reach the water are told with the length they lack', () => {
    const stems = [{ stemId: 'lisianthus', count: 12 }]
    const jug = (lengthMm: number) => {
      const look = withPiece(
        {
          ...plain,
          school: { ...plain.school, fullness: 'sparse' },
          centerpiece: [put('v', 'jug-sky', { arrangement: { stems, riseMm: 100, spreadMm: 100, mechanics: null } })]
        },
        'lisianthus',
        { lengthMm }
      )
      return found(look, 'stems.short')
    }
    const [told] = jug(60)
    const needed = (told!.limit as { lengthMm: number }).lengthMm
    expect(jug(Math.ceil(needed))).toEqual([])
    expect(jug(Math.floor(needed) - 1)).toHaveLength(1)
  })
})

describe('dishes', () => {
  const menu = (change: object, drinks: Look['menu']['drinks'] = []) => ({ ...plain, menu: { ...noMenu, drinks, ...change } }) as Look
  it('ask for a glass for each drink, one for white and red where one is meant to do', () => {
    const roles = (look: Look) => found(look, 'glass.missing').map((one) => (one.at as { role: string }).role)
    const water = { ...plain, setting: { ...plain.setting, glassIds: ['water-goblet'] } }
    expect(roles({ ...water, menu: { ...noMenu, drinks: ['water'] } })).toEqual([])
    expect(roles({ ...water, menu: { ...noMenu, drinks: ['water', 'white', 'red'] } })).toEqual(['white', 'red'])
    expect(roles({ ...water, menu: { ...noMenu, oneGlass: true, drinks: ['white', 'red'] } })).toEqual(['red'])
    expect(roles({ ...water, menu: { ...noMenu, drinks: ['hot'] } })).toEqual([])
  })

  it('with what a guest avoids leave a course empty only when all of them have it', () => {
    const course = demo.occasion.courses[0]!
    const dish = { ...demo.menu.dishes[0]!, course, portion: 'main' as const }
    const look = (contains: readonly string[]) => ({
      ...menu({ dishes: contains.map((text, i) => ({ ...dish, id: `d${i}`, contains: text })) }),
      guests: [{ ...newGuest(1), diet: 'no nuts; dairy' }, newGuest(2)]
    })
    expect(found(look(['nuts', 'rice']), 'diet.none')).toEqual([])
    expect(found(look(['nuts', 'Dairy, salt']), 'diet.none')).toMatchObject([{ at: { guestId: newGuest(1).id }, measured: { dishes: 2 } }])
    expect(found(look([]), 'diet.none')).toEqual([])
  })
})

describe('candles', () => {
  const lit = (placed: readonly Placed[], change: Partial<Look> = {}) => ({ ...plain, ...change, centerpiece: placed }) as Look
  const taper = (id: string, xMm: number, lightAtMin = plain.occasion.endMin - 60) =>
    put(id, 'holder-brass-low', { xMm, candle: { candleId: 'taper-ivory-8', lightAtMin } })
  const jugAt = (xMm: number) =>
    put('v', 'jug-sky', { xMm, arrangement: { stems: [{ stemId: 'lisianthus', count: 20 }], riseMm: 60, spreadMm: 150, mechanics: null } })

  it('too near a candle and too near flowers are told of both, each with its own distance', () => {
    const told = findings(lit([taper('a', 0), taper('b', 40), jugAt(-160)])).filter((one) => one.code === 'flame.near' || one.code === 'flame.flame')
    const of = (id: string) => told.filter((one) => (one.at as { placedId: string }).placedId === id).map((one) => one.code)
    expect(of('a').sort()).toEqual(['flame.flame', 'flame.near'])
    expect(told.find((one) => one.code === 'flame.flame')!.measured).toEqual({ distanceMm: 40 })
    expect(findings(lit([taper('a', 0), taper('b', 900)])).map((one) => one.code)).not.toContain('flame.flame')
  })

  it('of one kind that go out early are one finding, counted, with the one asked for longest', () => {
    const early = (minutes: number) => plain.occasion.endMin - minutes
    const told = found(lit([taper('a', -600, early(430)), taper('b', 0, early(500)), taper('c', 600, early(460))]), 'candle.short')
    expect(told).toHaveLength(1)
    expect(told[0]).toMatchObject({ measured: { candles: 3 }, limit: { lifeMin: 500 } })
  })

  it('within small hands’ reach are a warning, glass and vases there a note', () => {
    const toddlers = { household: { cats: false, dogs: false, toddlers: true } }
    const edge = (one: Placed) => found(lit([{ ...one, yMm: 22 * inch - 11 * inch }], toddlers), 'edge.hands')
    expect(edge(taper('a', 0))).toMatchObject([{ severity: 'warn' }])
    expect(edge(put('v', 'jug-sky'))).toMatchObject([{ severity: 'note' }])
    expect(found(lit([taper('a', 0)], toddlers), 'edge.hands')).toEqual([])
  })
})

it('who is hidden from whom is told by the seats’ own numbers, with the share the figures have', () => {
  const { figures, findings: all } = createAssessor().measure(demo)
  const hidden = all.filter((one) => one.code === 'sight.hidden')
  expect(hidden.length).toBeGreaterThan(0)
  for (const { measured } of hidden as { measured: { from: number; to: number; share: number } }[]) {
    expect(figures.sight.hidden[measured.from - 1]![measured.to - 1]).toBe(measured.share)
    expect(measured.from).toBeGreaterThanOrEqual(1)
  }
})

it('a formal cloth hangs to within two inches of the floor and not on it', () => {
  const cloth = (clearIn: number) => {
    const dropMm = plain.table.heightMm - clearIn * inch
    const look = withPiece({ ...plain, school: { ...plain.school, drop: 'formal' }, linens: { ...plain.linens, clothId: 'cloth-long' } }, 'cloth-long', {
      extent: { kind: 'rectangle', lengthMm: 90 * inch + 2 * dropMm, widthMm: 44 * inch + 2 * dropMm }
    })
    return findings(look).map((one) => one.code)
  }
  expect(cloth(2)).not.toContain('cloth.short')
  expect(cloth(2.1)).toContain('cloth.short')
  expect(cloth(0.1)).not.toContain('cloth.long')
  expect(cloth(-0.2)).toContain('cloth.long')
})

it('one level is flat, two are not, nor is a row that is level on purpose', () => {
  const heights = (tops: readonly number[], pattern: Look['school']['pattern'] = null) => {
    const risers = tops.map((heightMm, i) => ({ ...plain.pieces.find((piece) => piece.id === 'riser-oak')!, id: `r${i}`, heightMm }))
    const look = {
      ...plain,
      school: { ...plain.school, pattern },
      pieces: [...plain.pieces, ...risers],
      centerpiece: risers.map((piece, i) => put(piece.id, piece.id, { xMm: -500 + 250 * i }))
    } as Look
    return found(look, 'compose.levels')
  }
  expect(heights([60, 60, 100, 60, 60])).toMatchObject([{ measured: { levels: 1 } }])
  expect(heights([60, 60, 100, 60, 60], 'run')).toEqual([])
  expect(heights([60, 130, 60, 130, 60])).toEqual([])
})

it('a round table is told of no seam and no head', () => {
  expect(roomCodes({ ...plain, table: roundTable(60) })).not.toContain('table.seam')
})
