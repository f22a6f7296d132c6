import { inches, withUsualSizes, type Extent, type Piece, type PieceKind } from '@hestiad/core'
import { flowers, glazes, metals, tints } from './palette.js'

/** An article of the simulated shops, the price of one piece it starts from, and months it is sold in (1 to 12). */
export interface Article {
  readonly piece: Piece
  readonly eachCents: number
  readonly months: readonly [from: number, to: number]
}

const always = [1, 12] as const

function article(kind: PieceKind, name: string, colors: readonly [string, string], material: string, eachCents: number, own: object): Article {
  const id = `m-${kind}-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`.slice(0, 60).replace(/-$/, '')
  const bare = { kind, id, name, color: colors[0], accent: colors[1], material, owned: 0, kept: '', first: [], of: null, ...own }
  return { piece: withUsualSizes(bare).piece as unknown as Piece, eachCents, months: always }
}

/** Everything the simulated shops sell, in a fixed order: some 700 articles. */
export function allArticles(): Article[] {
  return [...linens(), ...china(), ...glass(), ...flatware(), ...vessels(), ...stems(), ...candles(), ...holders(), ...stands(), ...supplies(), ...troughs()]
}

const rectangle = (lengthIn: number, widthIn: number): Extent => ({ kind: 'rectangle', lengthMm: inches(lengthIn), widthMm: inches(widthIn) })
const round = (diameterIn: number): Extent => ({ kind: 'round', diameterMm: inches(diameterIn) })

function linens(): Article[] {
  return glazes.flatMap(([name, color, accent]) => {
    const colors = [color, accent] as const
    return [
      article('napkin', `${name} washed-linen napkin`, colors, 'linen', 850, { sideMm: inches(20) }),
      article('napkin', `${name} cotton napkin`, colors, 'cotton', 320, { sideMm: inches(18) }),
      article('runner', `${name} runner, 72 in`, colors, 'linen', 3400, { lengthMm: inches(72), widthMm: inches(14) }),
      article('runner', `${name} runner, 108 in`, colors, 'linen', 4600, { lengthMm: inches(108), widthMm: inches(15) }),
      article('cloth', `${name} cloth, 108 by 60 in`, colors, 'linen', 7800, { extent: rectangle(108, 60) }),
      article('cloth', `${name} cloth, 132 by 72 in`, colors, 'cotton', 6400, { extent: rectangle(132, 72) }),
      article('cloth', `${name} round cloth, 90 in`, colors, 'cotton', 5200, { extent: round(90) }),
      article('mat', `${name} felt mat`, colors, 'wool', 420, { extent: rectangle(18, 13) })
    ]
  })
}

function china(): Article[] {
  return glazes.flatMap(([name, color, accent]) => {
    const colors = [color, accent] as const
    return [
      article('plate', `${name} charger`, colors, 'stoneware', 1500, { role: 'charger', diameterMm: inches(12.5), heightMm: 15 }),
      article('plate', `${name} dinner plate`, colors, 'stoneware', 1600, { role: 'dinner' }),
      article('plate', `${name} salad plate`, colors, 'stoneware', 1200, { role: 'salad', diameterMm: inches(8), heightMm: 20 }),
      article('plate', `${name} bread plate`, colors, 'stoneware', 700, { role: 'bread', diameterMm: inches(6), heightMm: 15 }),
      article('plate', `${name} soup bowl`, colors, 'stoneware', 1100, { role: 'bowl', diameterMm: inches(8.5), heightMm: 45 })
    ]
  })
}

function glass(): Article[] {
  return tints.flatMap(([name, color, accent]) => {
    const colors = [color, accent] as const
    return [
      article('glass', `${name} water goblet, ribbed`, colors, 'glass', 1050, { role: 'water' }),
      article('glass', `${name} water tumbler`, colors, 'glass', 450, { role: 'water', footMm: 68, bowlMm: 80, heightMm: 105 }),
      article('glass', `${name} white-wine glass`, colors, 'glass', 900, { role: 'white', footMm: 70, bowlMm: 78, heightMm: 205 }),
      article('glass', `${name} red-wine glass`, colors, 'glass', 950, { role: 'red', footMm: 78, bowlMm: 95, heightMm: 220 }),
      article('glass', `${name} flute`, colors, 'glass', 750, { role: 'flute', footMm: 65, bowlMm: 65, heightMm: 230 })
    ]
  })
}

const flatwareSizes = {
  'dinner-fork': [200, 26],
  'salad-fork': [170, 25],
  'fish-fork': [185, 26],
  'oyster-fork': [140, 14],
  'dinner-knife': [235, 22],
  'fish-knife': [205, 22],
  'soup-spoon': [180, 44],
  'dessert-fork': [165, 22],
  'dessert-spoon': [175, 36]
} as const

function flatware(): Article[] {
  return metals
    .slice(0, 3)
    .flatMap(([name, color, accent, material]) =>
      Object.entries(flatwareSizes).map(([role, [lengthMm, widthMm]]) =>
        article('flatware', `${name} ${role.replace('-', ' ')}, plain`, [color, accent], material, 900, { role, lengthMm, widthMm })
      )
    )
}

const vesselForms = [
  ['jug', 90, 130, 95, 210, 2200],
  ['bowl', 110, 220, 200, 90, 1900],
  ['bottle', 60, 75, 28, 170, 650],
  ['cylinder', 110, 110, 105, 220, 1500]
] as const

function vessels(): Article[] {
  return [...glazes, ...tints].flatMap(([name, color, accent]) =>
    vesselForms.flatMap(([form, baseMm, widestMm, mouthMm, heightMm, cents]) =>
      [0.75, 1].map((scale) => {
        const at = (mm: number) => Math.round(mm * scale)
        const sizes = { form, baseMm: at(baseMm), widestMm: at(widestMm), mouthMm: at(mouthMm), heightMm: at(heightMm), depthMm: at(heightMm) - 15 }
        const material = tints.some(([tint]) => tint === name) ? 'glass' : 'stoneware'
        return article(
          'vessel',
          `${name} ${form}${scale < 1 ? ', small' : ''}`,
          [color, accent],
          material,
          Math.round((cents * (0.4 + scale * 0.6)) / 10) * 10,
          sizes
        )
      })
    )
  )
}

function troughs(): Article[] {
  return glazes.flatMap(([name, color, accent]) =>
    [420, 560].map((lengthMm) => {
      const sizes = { form: 'trough', baseMm: 108, widestMm: 130, lengthMm, mouthMm: 114, heightMm: 95, depthMm: 82 }
      return article('vessel', `${name} trough, ${lengthMm} mm`, [color, accent], 'stoneware', lengthMm < 500 ? 2600 : 3200, sizes)
    })
  )
}

function stems(): Article[] {
  return flowers.flatMap(([name, genus, role, form, thicknessMm, headMm, color, from, to]) => {
    const own = { role, form, thicknessMm, headMm, lengthMm: 500 }
    const fresh = article('stem', name, [color, '#5f7052'], 'plant', role === 'focal' ? 320 : 140, { ...own, genus })
    return [
      { ...fresh, months: [from, to] as const },
      article('stem', `Faux ${name.toLowerCase()}`, [color, '#6f7f60'], 'faux', role === 'focal' ? 420 : 260, { ...own, genus: '' })
    ]
  })
}

function candles(): Article[] {
  return glazes.slice(0, 12).flatMap(([name, color, accent]) => {
    const colors = [color, accent] as const
    const wax = (gramsPerHour: number) => ({ kind: 'wax', wax: 'paraffin', gramsPerHour })
    return [
      article('candle', `${name} taper, 8 in`, colors, 'wax', 230, { form: 'taper', diameterMm: 22, heightMm: 203, burn: wax(7) }),
      article('candle', `${name} taper, 10 in`, colors, 'wax', 260, { form: 'taper', diameterMm: 22, heightMm: 254, burn: wax(7) }),
      article('candle', `${name} taper, 12 in`, colors, 'wax', 290, { form: 'taper', diameterMm: 22, heightMm: 305, burn: wax(7) }),
      article('candle', `${name} pillar, 3 by 6 in`, colors, 'wax', 1100, { form: 'pillar', diameterMm: 76, heightMm: 152, burn: wax(8) }),
      article('candle', `${name} votive`, colors, 'wax', 110, { form: 'votive', diameterMm: 40, heightMm: 50, burn: wax(5) }),
      article('candle', `${name} flameless taper`, colors, 'resin', 1300, {
        form: 'taper',
        diameterMm: 22,
        heightMm: 230,
        burn: { kind: 'flameless', hours: 200 }
      })
    ]
  })
}

function holders(): Article[] {
  return metals.flatMap(([name, color, accent, material]) => {
    const colors = [color, accent] as const
    const low = [40, 90, 150, 220].map((heightMm) =>
      article('holder', `${name} candlestick, ${(heightMm / 25.4).toFixed(0)} in`, colors, material, 600 + heightMm * 8, {
        takes: 'taper',
        cupMm: 23,
        baseMm: 90,
        heightMm,
        chimney: null
      })
    )
    return [
      ...low,
      article('holder', `${name} pillar plate`, colors, material, 900, { takes: 'pillar', cupMm: 110, baseMm: 110, heightMm: 18, chimney: null }),
      article('holder', `${name} tea-light cup`, colors, material, 350, { takes: 'tealight', cupMm: 42, baseMm: 60, heightMm: 0, chimney: null })
    ]
  })
}

function stands(): Article[] {
  return metals.flatMap(([name, color, accent, material]) => {
    const colors = [color, accent] as const
    return [
      article('riser', `${name} stand, low`, colors, material, 1800, { extent: round(10), heightMm: 80 }),
      article('riser', `${name} stand, tall`, colors, material, 2600, { extent: round(9), heightMm: 150 }),
      article('tray', `${name} oval tray`, colors, material, 2400, { extent: { kind: 'oval', lengthMm: 420, widthMm: 270 }, floorMm: 6, rimMm: 20 }),
      article('tray', `${name} long tray`, colors, material, 2900, { extent: rectangle(24, 8), floorMm: 6, rimMm: 18 }),
      article('ornament', `${name} compote, empty`, colors, material, 2700, { form: 'compote', extent: round(9), heightMm: 140 })
    ]
  })
}

const supplyArticles = [
  ['Wet foam, brick', 'foam', 190],
  ['Clear vase tape, roll', 'tape', 480],
  ['Wax dot', 'wax-dots', 25],
  ['Long lighter', 'lighter', 390],
  ['Coin cell', 'coin-cell', 70],
  ['AA cell', 'aa-cell', 60],
  ['Metal polish, tin', 'polish', 950],
  ['Metal spray, can', 'spray', 1150],
  ['Fabric dye, packet', 'dye', 780],
  ['Linen wash, dose', 'linen-care', 45],
  ['Glue, stick', 'glue', 40],
  ['Twine, ball', 'twine', 340]
] as const

/** Supplies carry the ids that a look's own needs have. */
function supplies(): Article[] {
  return supplyArticles.map(([name, use, cents]) => {
    const made = article('supply', name, ['#cfc6b8', '#8d8478'], 'paper', cents, { use, lowMark: 1 })
    return { ...made, piece: { ...made.piece, id: `supply-${use}` } }
  })
}
