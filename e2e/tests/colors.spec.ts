import { expect } from '@playwright/test'
import { colorFigures, type Look } from '@hestiad/core'
import { test } from './support.js'

const demo = ['pearl-anniversary', 'ferry-crew', 'mending-circle', 'ordinary-week']
/** Between the strongest and the weakest of red, green and blue, of 255: shades of white, gray and glass run into each other in a drawing; hues do not. */
const LEAST_HUE = 36

const hueOf = (color: string) => {
  const levels = [1, 3, 5].map((from) => parseInt(color.slice(from, from + 2), 16))
  return Math.max(...levels) - Math.min(...levels)
}

/** What a thing is drawn in: its color, and where it is woven the color of its weave. */
function drawnIn(look: Look, part: { readonly pieceId: string | null; readonly color: string }): readonly string[] {
  const piece = look.pieces.find(({ id }) => id === part.pieceId)
  return piece?.material === 'rattan' ? [part.color, piece.accent] : [part.color]
}

// outside check: the browser's own rasterizer of the drawing, whose pixels are counted by the nearest color, lightness mattering little: folds and grain are drawn as shade
test('shares of what is seen are those of the pixels of the drawing, for every color with a hue of ten tables', async ({ page, request }) => {
  const apart: number[] = []
  for (const id of demo) {
    const { occasionId } = (await (await request.get(`/api/looks/${id}`)).json()) as { occasionId: string }
    const headers = { 'x-hestiad': '1' }
    const made = await request.post(`/api/occasions/${occasionId}/shares`, { headers, data: { days: 1, withPrices: false } })
    const { secret } = (await made.json()) as { secret: string }
    const { looks } = (await (await request.get(`/api/shares/${secret}`)).json()) as { looks: { name: string; look: Look }[] }
    await page.goto(`/shared/${secret}`)
    await expect(page.locator('article svg')).toHaveCount(looks.length)
    for (const [at, { look }] of looks.entries()) {
      const groups = colorFigures(look).groups
      const groupOf = new Map(groups.flatMap((group) => group.parts.flatMap((part) => drawnIn(look, part).map((color) => [color, group] as const))))
      const colors = [...groupOf.keys()]
      const drawn = await page.evaluate(pixelShares, { at, colors })
      const shareOf = (group: unknown) => colors.reduce((sum, color, i) => sum + (groupOf.get(color) === group ? drawn[i]! : 0), 0)
      apart.push(...groups.flatMap((group) => (hueOf(group.color) >= LEAST_HUE ? [Math.abs(group.share - shareOf(group))] : [])))
    }
  }
  expect(apart.length).toBeGreaterThan(20)
  expect(apart.reduce((sum, one) => sum + one, 0) / apart.length).toBeLessThan(0.008)
  expect(Math.max(...apart)).toBeLessThan(0.02)
})

/** In the page: the drawing as pixels, each counted to the color it comes nearest to. */
async function pixelShares({ at, colors }: { at: number; colors: string[] }): Promise<number[]> {
  const [width, height] = [960, 600]
  const theme = getComputedStyle(document.documentElement)
  const drawing = document
    .querySelectorAll('article svg')
    [at]!.outerHTML.replace(/var\((--[\w-]+)\)/g, (_, name: string) => theme.getPropertyValue(name).trim())
  const picture = new Image()
  const svg = drawing.replace('<svg', `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"`)
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`
  await picture.decode()
  const canvas = Object.assign(document.createElement('canvas'), { width, height })
  const context = canvas.getContext('2d')!
  context.drawImage(picture, 0, 0, width, height)
  const { data } = context.getImageData(0, 0, width, height)
  const wanted = colors.map((color) => [1, 3, 5].map((from) => parseInt(color.slice(from, from + 2), 16)))
  const counts = colors.map(() => 0)
  let all = 0
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3]! < 200) continue
    all++
    const [red, green, blue] = [data[i]!, data[i + 1]!, data[i + 2]!]
    const far = wanted.map(([r, g, b]) => {
      const shade = r! + g! + b! - red - green - blue
      return 0.05 * shade ** 2 + (r! - g! - red + green) ** 2 + ((r! + g!) / 2 - b! - (red + green) / 2 + blue) ** 2
    })
    counts[far.indexOf(Math.min(...far))]!++
  }
  return counts.map((count) => count / all)
}
