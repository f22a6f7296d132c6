// What the page itself takes, in a real browser with software WebGL: dragging among 80 pieces, and the seat view.
import { chromium } from '@playwright/test'
import { existsSync, mkdtempSync, rmSync } from 'node:fs'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { startServer } from './bench-server.mjs'

const executablePath = process.env.CHROMIUM ?? '/usr/bin/chromium'
const args = ['--no-sandbox', '--use-gl=angle', '--use-angle=swiftshader', '--enable-unsafe-swiftshader', '--ignore-gpu-blocklist']
const DRAG_STEPS = 80
const HEAD_TURNS = 9

const median = (list) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]
const share = (list, at) => [...list].sort((a, b) => a - b)[Math.floor(at * (list.length - 1))]

/** The table of the move bench: 14 guests, 80 pieces; the page's own copy of it on the server. */
async function openLook(page, address, root) {
  const { generateLook } = await import(pathToFileURL(join(root, 'packages/core/dist-bench/test/support/generateLook.js')))
  const look = generateLook(14, { guests: 14, pieces: 80, manner: 'laid' })
  const answer = await page.request.post(`${address}/api/looks`, { data: look, headers: { 'x-hestiad': '1' } })
  if (!answer.ok()) throw new Error(`the look of the move bench was not taken: ${answer.status()} ${await answer.text()}`)
  const { id } = await answer.json()
  await page.goto(`${address}/looks/${id}/centerpiece`)
  await page.locator('footer.ledger .figure').first().waitFor()
  await page.waitForTimeout(4000)
}

/** Watches a page: after each step, the longest time it did not answer since the last. */
async function watched(page, step, steps = DRAG_STEPS) {
  await page.evaluate(() => {
    const { port1, port2 } = new MessageChannel()
    let last = performance.now()
    window.benchMost = 0
    port1.onmessage = () => {
      const now = performance.now()
      window.benchMost = Math.max(window.benchMost, now - last)
      last = now
      port2.postMessage(0)
    }
    port2.postMessage(0)
  })
  const blocks = []
  for (let i = 0; i < steps; i++) {
    await step(i)
    await page.waitForTimeout(16)
    blocks.push(
      await page.evaluate(() => {
        const most = window.benchMost
        window.benchMost = 0
        return most
      })
    )
  }
  return blocks
}

const round = (page, x, y) => (i) => page.mouse.move(x + 8 + 30 * Math.sin(i / 6), y + 4 + 12 * Math.cos(i / 5))

/** The least a drag can cost here: one box that follows the pointer over an empty page. */
async function oneBox(browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.setContent('<div style="position:absolute;width:60px;height:60px;background:#b4482a"></div>')
  await page.evaluate(() => {
    const box = document.querySelector('div')
    window.addEventListener('pointermove', (event) => (box.style.transform = `translate(${event.clientX}px, ${event.clientY}px)`))
  })
  const blocks = await watched(page, round(page, 400, 300))
  await page.close()
  return blocks
}

/** Longest time the page did not answer after each move of a dragged piece, against the same of one box on an empty page. */
async function dragging(page, browser) {
  const least = await oneBox(browser)
  const box = await page.locator('[data-piece="p-20"]').first().boundingBox()
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 8, y + 4, { steps: 10 })
  const busy = await watched(page, round(page, x, y))
  await page.mouse.up()
  const told = (blocks) => `95 of 100 within ${share(blocks, 0.95).toFixed(1)} ms, the longest ${Math.max(...blocks).toFixed(1)} ms`
  return {
    name: 'frame-while-dragging',
    value: median(busy),
    unit: 'ms',
    baseline: `one box that follows the pointer over an empty page (${told(least)}); longest block after each of ${busy.length} moves, ${told(busy)}`,
    ratio: median(busy) / median(least)
  }
}

const KEYS = ['End', '1', 'Enter', 'Backspace', 'Enter']
const FIELDS = 10
/** A host that is shared now and then holds up any task by tens of ms. */
const TYPING_ROUNDS = 3
const STEPS = ['brief', 'seats', 'menu', 'settings', 'centerpiece', 'florals', 'light', 'buy']

/** Lengths in ms of the tasks of the page's main thread while something is done, as the browser itself records them. */
async function tasksDuring(page, act) {
  const session = await page.context().newCDPSession(page)
  const events = []
  session.on('Tracing.dataCollected', ({ value }) => events.push(...value))
  const traceConfig = { includedCategories: ['toplevel', 'disabled-by-default-devtools.timeline', '__metadata'] }
  await session.send('Tracing.start', { transferMode: 'ReportEvents', traceConfig })
  await act()
  const complete = new Promise((done) => session.once('Tracing.tracingComplete', done))
  await session.send('Tracing.end')
  await complete
  await session.detach()
  const thread = ({ pid, tid }) => `${pid} ${tid}`
  const mains = new Set(events.filter((one) => one.name === 'thread_name' && one.args.name === 'CrRendererMain').map(thread))
  return events.filter((one) => one.ph === 'X' && one.name.endsWith('RunTask') && mains.has(thread(one))).map((one) => one.dur / 1000)
}

async function press(page, keys) {
  for (const key of keys) {
    await page.keyboard.press(key)
    await page.waitForTimeout(100)
  }
}

/** Fifty keys in the first two fields of each step, ten in all: typed, taken, taken back; the tasks of the main thread from the first to a moment after the last. */
async function typing(browser, address) {
  const empty = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await empty.setContent('<input>')
  await empty.locator('input').focus()
  const least = await tasksDuring(empty, () => press(empty, Array.from({ length: FIELDS }, () => KEYS).flat()))
  await empty.close()
  const rounds = []
  for (let round = 0; round < TYPING_ROUNDS; round++) rounds.push(await typeInFields(browser, address))
  const longest = rounds[0].map(({ name }, i) => ({ name, ms: median(rounds.map((fields) => fields[i].ms)) }))
  const bare = Math.max(...least)
  const most = Math.max(...longest.map(({ ms }) => ms))
  return {
    name: 'typing-block',
    value: most,
    unit: 'ms',
    baseline: `a bare field on an empty page, ${bare.toFixed(1)} ms; longest task of the main thread over ${KEYS.length * longest.length} keys, the median of ${TYPING_ROUNDS} new pages, by field: ${longest.map(({ name, ms }) => `${name} ${ms.toFixed(0)}`).join(', ')}`,
    ratio: most / bare
  }
}

/** A new page; for each field its name and the longest task of the main thread, ms. */
async function typeInFields(browser, address) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${address}/looks/pearl-anniversary/brief`)
  const longest = []
  for (const step of STEPS) {
    await page.locator(`nav.rail a[href$="/${step}"]`).click()
    await page.waitForTimeout(2500)
    const fields = page.locator('aside.panel input:visible:not([type=checkbox], [type=radio], [type=file], [type=date], [readonly])')
    for (let f = 0; f < Math.min(2, await fields.count()) && longest.length < FIELDS; f++) {
      const field = fields.nth(f)
      const name = await field.evaluate((input) => input.labels?.[0]?.textContent?.trim() || input.ariaLabel || input.id)
      await field.focus()
      await page.waitForTimeout(800)
      const tasks = await tasksDuring(page, async () => {
        await press(page, KEYS)
        await page.waitForTimeout(500)
      })
      longest.push({ name, ms: Math.max(...tasks) })
    }
  }
  await page.close()
  return longest
}

/** A photo of twelve million pixels: bands of color with noise, as JPEG. */
async function photo(root) {
  const sharp = createRequire(join(root, 'packages', 'server', 'package.json'))('sharp')
  const [width, height] = [4000, 3000]
  const pixels = Buffer.alloc(width * height * 3)
  const bands = [
    [242, 236, 224],
    [169, 188, 198],
    [224, 122, 79],
    [96, 110, 84]
  ]
  for (let i = 0, seed = 7; i < width * height; i++) {
    const band = bands[Math.min(3, Math.floor((i % width) / (width / 4)))]
    seed = (Math.imul(seed, 1_103_515_245) + 12_345) >>> 0
    for (let k = 0; k < 3; k++) pixels[3 * i + k] = band[k] + ((seed >>> (8 * k)) % 17) - 8
  }
  return sharp(pixels, { raw: { width, height, channels: 3 } })
    .jpeg({ quality: 82 })
    .toBuffer()
}

const ROUNDS = 5

/** From the file chosen to the palette on the page, by worker; against the picture decoded whole by the same browser. */
async function palette(browser, address, root) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await openLook(page, address, root)
  await page.locator('nav.rail a[href$="/brief"]').click()
  const input = page.locator('aside.panel input[type=file][accept*=".gpl"]')
  await input.waitFor({ state: 'attached' })
  const buffer = await photo(root)
  const times = []
  for (let i = 0; i < ROUNDS; i++) {
    // the palette of before is left out, so that the new one is seen to come
    while ((await page.locator('[aria-label=Palette] li').count()) > 0) await page.locator('[aria-label=Palette] li button').last().click()
    await page.evaluate(() => {
      window.taken = new Promise((resolve, reject) => {
        setTimeout(() => reject(new Error('no palette came of the photo')), 20_000)
        document.addEventListener(
          'change',
          () => {
            const start = performance.now()
            const look = () => (document.querySelector('[aria-label=Palette] li') ? resolve(performance.now() - start) : requestAnimationFrame(look))
            look()
          },
          { capture: true, once: true }
        )
      })
      window.taken.catch(() => {})
    })
    await input.setInputFiles({ name: `photo-${i}.jpg`, mimeType: 'image/jpeg', buffer })
    times.push(await page.evaluate(() => window.taken))
  }
  const whole = await page.evaluate(async (text) => {
    const bytes = Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0))
    const start = performance.now()
    ;(await createImageBitmap(new Blob([bytes], { type: 'image/jpeg' }))).close()
    return performance.now() - start
  }, buffer.toString('base64'))
  await page.close()
  return { name: 'palette-12mp', value: median(times), unit: 'ms', baseline: 'the photo decoded whole by the browser', ratio: median(times) / whole }
}

/** From the key to the first picture, with all that is loaded for it, and then a turn of the head at a time. */
async function seatView(page) {
  await page.locator('.board').focus()
  await page.keyboard.press('3')
  const first = await page.evaluate(
    () =>
      new Promise((resolve) => {
        const start = performance.now()
        const seen = new MutationObserver(() => {
          const view = document.querySelector('.seat-view')
          if (!view || Number(view.dataset.firstMs) === 0) return
          seen.disconnect()
          resolve(performance.now() - start)
        })
        seen.observe(document.body, { subtree: true, childList: true, attributes: true, attributeFilter: ['data-first-ms'] })
        document.querySelector('.board').dispatchEvent(new KeyboardEvent('keydown', { key: 'v', bubbles: true }))
      })
  )
  const turns = []
  for (let i = 0; i < HEAD_TURNS; i++) {
    await page.locator('.seat-view').press(i % 2 === 0 ? 'ArrowLeft' : 'ArrowRight')
    await page.waitForTimeout(150)
    turns.push(await page.evaluate(() => Number(document.querySelector('.seat-view').dataset.lastMs)))
  }
  return [
    { name: 'seat-view-first', value: first, unit: 'ms', baseline: 'one next picture', ratio: first / median(turns) },
    { name: 'seat-view-next', value: median(turns), unit: 'ms', baseline: 'the first picture', ratio: median(turns) / first }
  ]
}

/** Lines of the browser; none, and told so, where there is no Chromium. */
export async function browserBench(root) {
  if (!existsSync(executablePath)) {
    process.stderr.write(`no browser at ${executablePath}: the lines of the page are left out\n`)
    return []
  }
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-bench-'))
  const { server, address } = await startServer(root, folder)
  const browser = await chromium.launch({ executablePath, args })
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await openLook(page, address, root)
    const lines = [await dragging(page, browser), ...(await seatView(page))]
    // it still counts the time between its own messages
    await page.close()
    return [...lines, await typing(browser, address), await palette(browser, address, root)]
  } finally {
    await browser.close()
    server.kill()
    rmSync(folder, { recursive: true, force: true })
  }
}
