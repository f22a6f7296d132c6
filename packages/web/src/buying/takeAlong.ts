import { inHtml } from '../shell/inHtml.js'

/** A line of the list one carries to the shops. */
export interface AlongLine {
  readonly offerId: string
  readonly pieceId: string
  readonly shop: string
  readonly slot: string
  readonly pieces: number
  readonly cents: number
  readonly name: string
  readonly says: string
  readonly color: string
  readonly price: string
}

/** What the page on the phone says. */
export type AlongWords = Readonly<Record<'title' | 'hint' | 'got' | 'paid' | 'save' | 'left', string>>

/** What comes back from it. */
export interface BoughtFile {
  readonly format: 'hestiad-bought'
  readonly lookId: string
  readonly day: string
  readonly bought: readonly { readonly offerId: string; readonly cents: number }[]
}

/** The list as one HTML file that needs nothing else: ticked as found, with the price really paid, kept on the phone, saved as a file to read back. */
export function takeAlongHtml(lookId: string, lines: readonly AlongLine[], words: AlongWords, digits: number): string {
  const shops = [...new Set(lines.map((line) => line.shop))]
  const row = (line: AlongLine) => `<li>
<label><input type="checkbox" data-offer="${inHtml(line.offerId)}" aria-label="${inHtml(`${words.got}: ${line.name}`)}"><i style="background:${inHtml(line.color)}"></i>
<span><b>${inHtml(line.name)}</b><small>${inHtml(line.says)}</small></span></label>
<input class="price" inputmode="decimal" data-price="${inHtml(line.offerId)}" aria-label="${inHtml(`${words.paid}: ${line.name}`)}" placeholder="${inHtml(line.price)}"></li>`
  const data = JSON.stringify({ lookId, digits, planned: Object.fromEntries(lines.map((line) => [line.offerId, line.cents])) }).replace(/</g, '\\u003c')
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${inHtml(words.title)}</title>
<style>
body{margin:0;padding:16px 16px 90px;background:#f7f2e8;color:#2b2420;font:17px/1.35 system-ui,sans-serif}
h1{margin:0 0 4px;font:600 24px Georgia,serif}h2{margin:22px 0 4px;font:600 19px Georgia,serif}p{margin:0;color:#6b5f56}
ul{margin:0;padding:0;list-style:none}li{display:flex;gap:10px;align-items:center;border-bottom:1px solid #d9cfbd}
label{display:flex;flex:1;gap:12px;align-items:center;min-height:60px}input[type=checkbox]{width:26px;height:26px;accent-color:#b4482a}
i{flex:none;width:20px;height:20px;border:1px solid #6b5f56;border-radius:50%}small{display:block;color:#6b5f56;font-size:14px}
li:has(:checked) b{text-decoration:line-through}.price{width:92px;height:44px;padding:0 8px;border:1px solid #b8ab92;border-radius:4px;background:#fffdf8;font:inherit;text-align:right}
footer{position:fixed;inset:auto 0 0;display:flex;gap:12px;align-items:center;justify-content:space-between;padding:12px 16px;background:#fffdf8;border-top:1px solid #d9cfbd}
button{min-height:48px;padding:0 18px;border:0;border-radius:5px;background:#b4482a;color:#fff;font:600 17px system-ui,sans-serif}
</style></head><body><h1>${inHtml(words.title)}</h1><p>${inHtml(words.hint)}</p>
${shops
  .map(
    (shop) =>
      `<h2>${inHtml(shop)}</h2><ul>${lines
        .filter((line) => line.shop === shop)
        .map(row)
        .join('')}</ul>`
  )
  .join('')}
<footer><span id="left" data-words="${inHtml(words.left)}"></span><button type="button" id="save">${inHtml(words.save)}</button></footer>
<script type="application/json" id="data">${data}</script>
<script>
const data = JSON.parse(document.getElementById('data').textContent)
const key = 'hestiad-along-' + data.lookId
const ticks = [...document.querySelectorAll('[data-offer]')]
const price = (id) => document.querySelector('[data-price="' + CSS.escape(id) + '"]')
let kept = {}
try { kept = JSON.parse(localStorage.getItem(key) || '{}') } catch {}
for (const tick of ticks) { const one = kept[tick.dataset.offer]; if (one) { tick.checked = one.got; price(tick.dataset.offer).value = one.paid } }
const cents = (id) => {
  const typed = price(id).value.trim().replace(',', '.')
  const value = Math.round(Number(typed) * 10 ** data.digits)
  return typed === '' || !Number.isFinite(value) || value < 0 ? data.planned[id] : value
}
const keep = () => {
  for (const tick of ticks) kept[tick.dataset.offer] = { got: tick.checked, paid: price(tick.dataset.offer).value }
  try { localStorage.setItem(key, JSON.stringify(kept)) } catch {}
  const left = document.getElementById('left')
  left.textContent = left.dataset.words.replace('{n}', ticks.filter((tick) => !tick.checked).length)
}
document.addEventListener('input', keep)
keep()
document.getElementById('save').addEventListener('click', () => {
  const bought = ticks.filter((tick) => tick.checked).map((tick) => ({ offerId: tick.dataset.offer, cents: cents(tick.dataset.offer) }))
  const file = new Blob([JSON.stringify({ format: 'hestiad-bought', lookId: data.lookId, day: new Date().toLocaleDateString('sv'), bought })], { type: 'application/json' })
  const link = document.createElement('a')
  link.href = URL.createObjectURL(file)
  link.download = 'bought.json'
  link.click()
})
</script></body></html>
`
}

/** What was bought, as the phone tells it; undefined for any other file. */
export function readBought(text: string): BoughtFile | undefined {
  try {
    const file = JSON.parse(text) as BoughtFile
    const isLine = (one: BoughtFile['bought'][number]) => typeof one?.offerId === 'string' && Number.isSafeInteger(one.cents) && one.cents >= 0
    const isSound = file.format === 'hestiad-bought' && typeof file.lookId === 'string' && /^\d{4}-\d{2}-\d{2}$/.test(file.day)
    return isSound && Array.isArray(file.bought) && file.bought.every(isLine) ? file : undefined
  } catch {
    return undefined
  }
}
