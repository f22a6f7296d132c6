import { execFileSync } from 'node:child_process'
import { existsSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { buyList, formatMoney, noFacts, type CupboardItem, type Piece } from '@hestiad/core'
import jsQR from 'jsqr'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { buyListPdf } from '../src/exports/buyListFiles.js'
import { binLabelsPdf } from '../src/exports/labels.js'
import { demoLook } from './support.js'

interface Word {
  readonly page: number
  readonly text: string
  readonly x: number
  readonly y: number
}

/** The package says of itself that it is another kind of module than it is. */
const readCode = jsQR as unknown as typeof jsQR.default
const POPPLER = '/usr/bin/pdftotext'

/** The first page as pixels, 150 to the inch. */
async function drawn(pdf: Buffer): Promise<{ readonly data: Uint8ClampedArray; readonly width: number; readonly height: number }> {
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-pdf-'))
  writeFileSync(join(folder, 'a.pdf'), pdf)
  execFileSync('/usr/bin/pdftoppm', ['-r', '150', '-png', '-singlefile', join(folder, 'a.pdf'), join(folder, 'a')])
  const { data, info } = await sharp(join(folder, 'a.png')).ensureAlpha().raw().toBuffer({ resolveWithObject: true })
  rmSync(folder, { recursive: true })
  return { data: new Uint8ClampedArray(data), width: info.width, height: info.height }
}

function told(pdf: Buffer, ...options: string[]): string {
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-pdf-'))
  writeFileSync(join(folder, 'a.pdf'), pdf)
  try {
    return execFileSync(POPPLER, [...options, join(folder, 'a.pdf'), '-'], { encoding: 'utf8' })
  } finally {
    rmSync(folder, { recursive: true })
  }
}

/** The words of a PDF where they stand, in points from the upper left, as another program reads them. */
function wordsOf(pdf: Buffer): { readonly words: Word[]; readonly width: number; readonly height: number } {
  const html = told(pdf, '-bbox')
  const [, width, height] = /<page width="([\d.]+)" height="([\d.]+)"/.exec(html)!
  const words = html.split('<page ').flatMap((part, page) =>
    [...part.matchAll(/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="[\d.]+" yMax="[\d.]+">([^<]*)</g)].map(([, x, y, text]) => ({
      page,
      text: text!,
      x: Number(x),
      y: Number(y)
    }))
  )
  return { words, width: Number(width), height: Number(height) }
}

const piece = (change: Partial<Piece>): CupboardItem => {
  const stand = demoLook().pieces.find((one) => one.kind === 'plate')!
  return { piece: { ...stand, material: 'wood', owned: 3, kept: '', ...change } as Piece, facts: noFacts }
}

// outside check: poppler's pdftotext reads what was written, and where
describe.skipIf(!existsSync(POPPLER))('papers read by another program', () => {
  it('have a label for each place, two across and five down, with what is kept there and nothing else in its cell', async () => {
    const places = Array.from({ length: 12 }, (_, i) => `Pantry, shelf ${i + 1}, bin ${i + 11}`)
    const items = places.flatMap((kept, i) => [piece({ id: `a${i}`, name: `Marl${i}`, kept, owned: i + 2 }), piece({ id: `b${i}`, name: `Tarn${i}`, kept })])
    const { words, width, height } = wordsOf(await binLabelsPdf(items, 'http://localhost:4715'))
    const [margin, cellWidth, cellHeight] = [28, (width - 56) / 2, (height - 56) / 5]
    const cellOf = ({ page, x, y }: Word) => (page - 1) * 10 + Math.floor((y - margin) / cellHeight) * 2 + Math.floor((x - margin) / cellWidth)
    const named = words.filter(({ text }) => /^(Marl|Tarn)\d+$/.test(text))
    expect(named).toHaveLength(24)
    const sorted = [...places].sort((a, b) => a.localeCompare(b))
    for (const word of named) expect(cellOf(word), word.text).toBe(sorted.indexOf(places[Number(word.text.slice(4))]!))
    // within its label every line stands below the one before
    for (const at of places.keys()) {
      const own = words.filter((word) => cellOf(word) === at)
      expect(Math.min(...own.map(({ x }) => x))).toBeCloseTo(margin + (at % 2) * cellWidth + 8, 0)
      const lines = own.map(({ y }) => y)
      expect([...lines].sort((a, b) => a - b)).toEqual(lines)
      expect(Math.max(...lines) - Math.min(...lines)).toBeGreaterThan(30)
    }
    expect(new Set(words.map(({ page }) => page))).toEqual(new Set([1, 2]))
  })

  it('say of a place that something in it breaks, count what has no room on the label, and leave out what has no place or is not there', async () => {
    const many = Array.from({ length: 11 }, (_, i) => piece({ id: `m${i}`, name: `Spoon${i}`, kept: 'Attic, shelf 1' }))
    const items = [
      ...many,
      piece({ id: 'g', name: 'Beaker', kept: 'Hall, shelf 2', material: 'glass' }),
      { ...piece({ id: 's', name: 'Figure', kept: 'Loft, shelf 3' }), facts: { ...noFacts, breakable: 'yes' as const } },
      piece({ id: 'n', name: 'Nowhere', kept: '' }),
      piece({ id: 'o', name: 'Sold', kept: 'Hall, shelf 2', owned: 0 })
    ]
    const text = told(await binLabelsPdf(items, 'http://localhost:4715'), '-raw')
    expect(text).toContain('and 3 more')
    expect(text.match(/Breakable/g)).toHaveLength(2)
    expect(text.indexOf('Breakable')).toBeGreaterThan(text.indexOf('Spoon0'))
    expect(text).not.toMatch(/Nowhere|Sold|Spoon8/)
    expect(told(await binLabelsPdf([], 'http://localhost:4715'))).toContain('Nothing in the cupboard has a place yet.')
  })

  it('have codes that a reader of codes reads: the cupboard searched for that place, whatever letters it has', async () => {
    for (const kept of ['Pantry, shelf 2, bin 11', 'Keller, Fach 3: Gläser & Körbe', '食器棚, 2', 'x'.repeat(180)]) {
      const { data, width, height } = await drawn(await binLabelsPdf([piece({ kept })], 'http://localhost:4715'))
      const read = readCode(data, width, height)
      expect(read && Buffer.from(read.binaryData).toString(), kept).toBe(`http://localhost:4715/cupboard?q=${encodeURIComponent(kept)}`)
    }
  })

  it('have on the list to buy every line that is short, each shop’s receipt to the cent, and how long flowers are cut', async () => {
    const look = demoLook()
    const list = buyList(look)
    const [bought, missing] = [list.orders[0]!.lines[0]!, list.lines.find((line) => line.gapPieces > 0)]
    const boughtId = look.offers.find((offer) => offer.id === bought.offerId)!.pieceId
    const hints = { [boughtId]: 'the grainy kind', ...(missing ? { [missing.need.piece.id]: 'no shine' } : {}) }
    const text = told(Buffer.from(await buyListPdf(look, list, hints)), '-layout')
    const plain = text.replace(/\s+/g, ' ')
    expect(plain.match(/the grainy kind/g)).toHaveLength(1)
    if (missing) expect(plain).toContain('; no shine')
    for (const { receipt } of list.orders) expect(plain).toContain(formatMoney(receipt.totalCents, list.currency))
    for (const { need, skipped } of list.lines) if (!skipped) expect(plain).toContain(need.piece.name)
    // a part of a receipt that is nothing is not written
    const parts = { Coupon: 'couponCents', Delivery: 'deliveryCents', Tax: 'taxCents' } as const
    for (const [word, part] of Object.entries(parts)) expect(plain.includes(`${word} `), word).toBe(list.orders.some(({ receipt }) => receipt[part] !== 0))
    for (const { arrangement } of look.centerpiece)
      if (arrangement) expect(plain).toContain(`, ${arrangement.stems.reduce((sum, line) => sum + line.count, 0)} stems`)
    const cut = /cut to ([\d¼½¾⅛⅜⅝⅞ ]+) in .*?bought ([\d¼½¾⅛⅜⅝⅞ ]+) in/.exec(plain)
    expect(cut).not.toBeNull()
    const inches = (said: string) =>
      [...said.trim()].reduce(
        (sum, sign) =>
          '¼½¾⅛⅜⅝⅞'.includes(sign)
            ? sum +
              Number(
                sign
                  .normalize('NFKD')
                  .replace('⁄', '/')
                  .split('/')
                  .reduce((a, b) => String(Number(a) / Number(b)))
              )
            : sum * 10 + Number(sign),
        0
      )
    // one cuts off, never on
    expect(inches(cut![1]!)).toBeLessThan(inches(cut![2]!))
  })
})
