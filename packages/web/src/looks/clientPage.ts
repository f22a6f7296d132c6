import { stands, type Stand } from '@hestiad/core'
import { inHtml } from '../shell/inHtml.js'

/** A look as a client sees it. */
export interface ShownLook {
  readonly lookId: string
  readonly name: string
  /** The drawing as SVG. */
  readonly picture: string
  readonly colors: readonly string[]
  readonly lines: readonly string[]
  /** What the stylist would like to know; empty for nothing. */
  readonly ask: string
}

export type ClientWords = Readonly<Record<'title' | 'hint' | 'by' | 'remark' | 'save' | 'named', string>> & { readonly stand: Readonly<Record<Stand, string>> }

/** What comes back from the page. */
export interface VotesFile {
  readonly format: 'hestiad-votes'
  readonly by: string
  readonly day: string
  readonly votes: readonly { readonly lookId: string; readonly stand: Stand; readonly remark: string }[]
}

const MOST_REMARK = 1000
const MOST_NAME = 200

/** Looks as one HTML file that works without the server: each drawn, with a vote and a remark; kept in the browser, saved as a file to read back, and printed as PDF. */
export function clientPageHtml(looks: readonly ShownLook[], words: ClientWords): string {
  const card = (look: ShownLook, i: number) => `<article data-look="${inHtml(look.lookId)}"><h2>${inHtml(look.name)}</h2>
<div class="picture">${look.picture}</div>
<p class="colors" aria-hidden="true">${look.colors.map((color) => `<i style="background:${inHtml(color)}"></i>`).join('')}</p>
<ul>${look.lines.map((line) => `<li>${inHtml(line)}</li>`).join('')}</ul>
<fieldset><legend>${inHtml(look.name)}</legend>${stands
    .map((stand) => `<label><input type="radio" name="stand-${i}" value="${stand}"> ${inHtml(words.stand[stand])}</label>`)
    .join('')}</fieldset>
${look.ask === '' ? '' : `<p class="ask">${inHtml(look.ask)}</p>`}<label class="remark">${inHtml(words.remark)}<textarea rows="2" maxlength="${MOST_REMARK}"></textarea></label></article>`
  const key = JSON.stringify(`hestiad-votes ${looks.map((look) => look.lookId).join(' ')}`).replace(/</g, '\\u003c')
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${inHtml(words.title)}</title>
<style>
body{max-width:1000px;margin:0 auto;padding:24px 18px 110px;background:#f7f2e8;color:#2b2420;font:17px/1.45 system-ui,sans-serif}
h1{margin:0;font:600 30px Georgia,serif}h2{margin:0 0 8px;font:600 22px Georgia,serif}main{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(380px,100%),1fr));gap:22px;margin-top:20px}
article{display:grid;gap:8px;align-content:start;padding:18px;background:#fffdf8;border:1px solid #d9cfbd;border-radius:6px;break-inside:avoid}.picture svg{display:block;width:100%;height:auto}
.colors{display:flex;margin:0;height:18px}.colors i{flex:1}ul{margin:0;padding-left:20px}fieldset{display:flex;flex-wrap:wrap;gap:4px 18px;margin:0;padding:0;border:0}legend{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)}
fieldset label{display:flex;gap:8px;align-items:center;min-height:44px}input[type=radio]{width:22px;height:22px;accent-color:#b4482a}.ask{margin:0;font:600 19px Georgia,serif}.remark{display:grid;gap:4px}
textarea,footer input{padding:8px;border:1px solid #8f8168;border-radius:4px;background:#fff;font:inherit}
footer{position:fixed;inset:auto 0 0;display:flex;flex-wrap:wrap;gap:10px 16px;align-items:center;justify-content:center;padding:12px;background:#fffdf8;border-top:1px solid #d9cfbd}
button{min-height:48px;padding:0 18px;border:0;border-radius:5px;background:#b4482a;color:#fff;font:600 17px system-ui,sans-serif}@media print{footer{display:none}body{background:#fff}}
</style></head><body><h1>${inHtml(words.title)}</h1><p>${inHtml(words.hint)}</p><main>${looks.map(card).join('')}</main>
<footer><label>${inHtml(words.by)} <input id="by" maxlength="${MOST_NAME}"></label><button type="button" id="save">${inHtml(words.save)}</button><span id="told" role="status"></span></footer>
<script>
const key = ${key}
const cards = [...document.querySelectorAll('[data-look]')]
const by = document.getElementById('by')
let kept = {}
try { kept = JSON.parse(localStorage.getItem(key) || '{}') } catch {}
by.value = kept.by || ''
for (const card of cards) {
  const one = (kept.votes || {})[card.dataset.look]
  if (!one) continue
  card.querySelector('textarea').value = one.remark
  const radio = card.querySelector('[value="' + one.stand + '"]')
  if (radio) radio.checked = true
}
const votes = () => cards.map((card) => ({ lookId: card.dataset.look, stand: card.querySelector(':checked')?.value || '', remark: card.querySelector('textarea').value.trim() }))
document.addEventListener('input', () => {
  try { localStorage.setItem(key, JSON.stringify({ by: by.value, votes: Object.fromEntries(votes().map((one) => [one.lookId, one])) })) } catch {}
})
document.getElementById('save').addEventListener('click', () => {
  if (!by.value.trim()) { document.getElementById('told').textContent = ${JSON.stringify(words.named).replace(/</g, '\\u003c')}; by.focus(); return }
  document.getElementById('told').textContent = ''
  const said = votes().filter((one) => one.stand || one.remark).map((one) => ({ ...one, stand: one.stand || 'unsure' }))
  const file = new Blob([JSON.stringify({ format: 'hestiad-votes', by: by.value.trim(), day: new Date().toLocaleDateString('sv'), votes: said })], { type: 'application/json' })
  const link = document.createElement('a')
  link.href = URL.createObjectURL(file)
  link.download = 'votes.json'
  link.click()
})
</script></body></html>
`
}

/** What a client said; undefined for any other file. */
export function readVotes(text: string): VotesFile | undefined {
  try {
    const file = JSON.parse(text) as VotesFile
    const isText = (value: unknown, most: number) => typeof value === 'string' && value.length <= most
    const isVote = (one: VotesFile['votes'][number]) => isText(one?.lookId, 200) && stands.includes(one.stand) && isText(one.remark, MOST_REMARK)
    const isSound = file.format === 'hestiad-votes' && isText(file.by, MOST_NAME) && file.by !== '' && /^\d{4}-\d{2}-\d{2}$/.test(file.day)
    return isSound && Array.isArray(file.votes) && file.votes.every(isVote) ? file : undefined
  } catch {
    return undefined
  }
}
