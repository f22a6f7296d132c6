import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readBought, takeAlongHtml, type AlongLine, type AlongWords } from '../src/buying/takeAlong.js'
import { inHtml } from '../src/shell/inHtml.js'

const says: AlongWords = { title: 'To buy', hint: 'Tick what you find.', got: 'Found', paid: 'Paid', save: 'Save', left: '{n} left' }
const line = (more: Partial<AlongLine> = {}): AlongLine => ({
  offerId: 'offer-1',
  pieceId: 'bud-clay',
  shop: 'Halfpenny Barn',
  slot: 'ahead',
  pieces: 3,
  cents: 1250,
  name: 'Clay bud vase',
  says: '3 pieces, $12.50',
  color: '#f0ebe0',
  price: '12.50',
  ...more
})
const dataOf = (html: string) =>
  JSON.parse(/<script type="application\/json" id="data">([\s\S]*?)<\/script>/.exec(html)![1]!) as {
    lookId: string
    digits: number
    planned: Record<string, number>
  }

/** What would end a text or a tag, beside ordinary words. */
const nasty = fc.oneof(
  fc.string({ maxLength: 40 }),
  fc.constantFrom(
    '</script><script>alert(1)</script>',
    '<img src=x onerror=alert(1)>',
    '"><b>',
    "' onfocus='alert(1)",
    '<!--',
    ']]>',
    '&lt;',
    '${1}',
    'Tom & Nell’s “plain” bowls',
    '\u2028'
  )
)

describe('the list one carries to the shops', () => {
  it('has each thing once, under its shop, the shops in the order they come', () => {
    const lines = [
      line(),
      line({ offerId: 'offer-2', shop: 'Snuffer’s Row Chandlery', name: 'Ivory taper' }),
      line({ offerId: 'offer-3', name: 'Stone bud vase' })
    ]
    const html = takeAlongHtml('look', lines, says, 2)
    const parts = [...html.matchAll(/<h2>([^<]*)<\/h2><ul>([\s\S]*?)<\/ul>/g)].map(([, shop, list]) => [
      shop,
      [...list!.matchAll(/<b>([^<]*)<\/b>/g)].map(([, name]) => name)
    ])
    expect(parts).toEqual([
      ['Halfpenny Barn', ['Clay bud vase', 'Stone bud vase']],
      ['Snuffer’s Row Chandlery', ['Ivory taper']]
    ])
    expect(dataOf(html)).toEqual({ lookId: 'look', digits: 2, planned: { 'offer-1': 1250, 'offer-2': 1250, 'offer-3': 1250 } })
    expect([...html.matchAll(/placeholder="([^"]*)"/g)].map(([, price]) => price)).toEqual(['12.50', '12.50', '12.50'])
  })

  it('is never more than a list, whatever shops, things and words are called', () => {
    const field = fc.record({ offerId: nasty, shop: nasty, name: nasty, says: nasty, color: nasty, price: nasty })
    fc.assert(
      fc.property(nasty, fc.array(field, { minLength: 1, maxLength: 5 }), nasty, (lookId, fields, title) => {
        const lines = fields.map((one, i) => line({ ...one, offerId: `${one.offerId}${i}` }))
        const html = takeAlongHtml(lookId, lines, { ...says, title, left: title }, 2)
        // no tag but its own: two scripts, two fields a line, no picture, and nothing that acts by itself
        expect(html.match(/<script\b/g)).toHaveLength(2)
        expect(html.match(/<input\b/g)).toHaveLength(2 * lines.length)
        expect(html).not.toMatch(/<(img|iframe|a|b onclick|link|object)\b[^>]*(src|href)=/i)
        const tags = [...html.replace(/<script>[\s\S]*<\/script>/, '').matchAll(/<[a-z][^>"']*(?:"[^"]*"[^>"']*)*>/gi)].map(([tag]) => tag)
        for (const tag of tags) expect(tag.replace(/"[^"]*"/g, '""')).not.toMatch(/\son\w+=/i)
        const data = dataOf(html)
        expect(data.lookId).toBe(lookId)
        expect(Object.keys(data.planned).sort()).toEqual([...new Set(lines.map((one) => one.offerId))].sort())
      }),
      { seed: 16, numRuns: 150 }
    )
  })

  it('holds a text as text', () => {
    expect(inHtml('"<&>\'')).not.toMatch(/["<>']/)
    expect(takeAlongHtml('look', [line({ shop: 'The <b>Room</b>' })], says, 2)).toContain('The &lt;b&gt;Room&lt;/b&gt;')
  })

  it('asks for nothing from anywhere: no address, no picture, no letters of another place', () => {
    const html = takeAlongHtml('look', [line()], says, 2)
    expect(html).not.toMatch(/https?:|\/\/[a-z]|@import|\burl\(|<link|\ssrc=/i)
  })
})

describe('what comes back from the shops', () => {
  const file = { format: 'hestiad-bought', lookId: 'look', day: '2027-01-30', bought: [{ offerId: 'offer-1', cents: 1190 }] }

  it('is read as it was saved', () => {
    expect(readBought(JSON.stringify(file))).toEqual(file)
    expect(readBought(JSON.stringify({ ...file, bought: [] }))).toEqual({ ...file, bought: [] })
    expect(readBought(JSON.stringify({ ...file, bought: [{ offerId: 'gift', cents: 0 }] }))?.bought).toEqual([{ offerId: 'gift', cents: 0 }])
  })

  it('is nothing when any of it is not what the page saves', () => {
    const spoiled: unknown[] = [
      null,
      7,
      [],
      { ...file, format: 'hestiad-look' },
      { ...file, lookId: 7 },
      { ...file, day: '30 January' },
      { ...file, day: '2027-1-30' },
      { ...file, bought: {} },
      { ...file, bought: [null] },
      { ...file, bought: [{ offerId: 'offer-1' }] },
      { ...file, bought: [{ offerId: 'offer-1', cents: -1 }] },
      { ...file, bought: [{ offerId: 'offer-1', cents: 11.9 }] },
      { ...file, bought: [{ offerId: 'offer-1', cents: '1190' }] },
      { ...file, bought: [{ offerId: 1, cents: 1190 }] },
      { ...file, bought: [...file.bought, { offerId: 'offer-2', cents: 1e300 }] }
    ]
    for (const one of spoiled) expect(readBought(JSON.stringify(one)), JSON.stringify(one)).toBeUndefined()
    for (const text of ['', 'bought', '{"format":"hestiad-bought"', '\ufeff']) expect(readBought(text), text).toBeUndefined()
  })
})
