// npm run census [-- BRIEFS] [looks]: composes every pattern, or five whole looks, for seeded briefs and counts what a stylist would send back.
// npm run census -- tests [TIMES]: the seeded tests with so many times their seeds. Long, and not part of the tests.
import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { applyEdit, composeLooks, composeMiddles, createAssessor, hardCodes, moods, newGuest, patternNames, seededRandom } from '../packages/core/dist/index.js'

if (process.argv[2] === 'tests') {
  const root = fileURLToPath(new URL('..', import.meta.url))
  const env = { ...process.env, HESTIAD_LONG: process.argv[3] ?? '5' }
  process.exit(spawnSync(process.execPath, [fileURLToPath(import.meta.resolve('vitest/vitest.mjs')), 'run'], { cwd: root, env, stdio: 'inherit' }).status ?? 1)
}

const briefs = Number(process.argv[2] ?? 60)
const whole = process.argv[3] === 'looks'
const demo = JSON.parse(readFileSync(new URL('../demo/pearl-anniversary.hestiad.json', import.meta.url), 'utf8'))
const shapes = [
  { kind: 'oval', lengthMm: 2600, widthMm: 1250 },
  { kind: 'round', diameterMm: 1680 },
  { kind: 'rectangle', lengthMm: 2700, widthMm: 1100 },
  { kind: 'rectangle', lengthMm: 2000, widthMm: 920 },
  { kind: 'racetrack', lengthMm: 2800, widthMm: 1200 },
  { kind: 'boat', lengthMm: 2700, widthMm: 1300, endMm: 950 },
  { kind: 'square', sideMm: 1450 },
  { kind: 'joined', form: 'straight', lengthMm: 1500, widthMm: 1000, along: 2, across: 1 },
  { kind: 'joined', form: 'L', lengthMm: 1600, widthMm: 1050, along: 2, across: 1 }
]

function brief(seed) {
  const random = seededRandom(seed)
  const pick = (list) => list[Math.floor(random() * list.length)]
  const endMin = pick([900, 1380, 1380])
  return {
    ...demo,
    centerpiece: [],
    guests: Array.from({ length: 4 + Math.floor(random() * 7) }, (_, i) => newGuest(i + 1)),
    table: { ...demo.table, shape: pick(shapes), leaves: { owned: 0, in: 0, eachMm: 450 } },
    household: { cats: random() < 0.2, dogs: random() < 0.2, toddlers: random() < 0.2 },
    menu: random() < 0.3 ? demo.menu : { ...demo.menu, dishes: [] },
    occasion: { ...demo.occasion, arriveMin: endMin - 180, endMin },
    money: { ...demo.money, totalCents: pick([20_000, 42_000, 90_000]) },
    school: { ...demo.school, fullness: pick(['sparse', 'usual', 'lush']), symmetry: pick(['symmetric', 'by-weight']) }
  }
}

function middles() {
  const count = { laid: 0, empty: 0, hard: 0, outside: 0, hero: 0, overUntold: 0 }
  const refused = {}
  const [scores, took] = [[], []]
  for (let seed = 1; seed <= briefs; seed++) {
    const look = brief(seed)
    const known = new Set(
      createAssessor()
        .measure(look)
        .each.map((finding) => finding.code)
    )
    for (const pattern of patternNames) {
      const start = performance.now()
      const { ideas, refusals } = composeMiddles(look, { patterns: [pattern], from: 'few-new', want: 1, seed })
      took.push(performance.now() - start)
      for (const { because } of refusals) refused[because] = (refused[because] ?? 0) + 1
      for (const idea of ideas) {
        const { each, figures } = createAssessor().measure(applyEdit(look, idea.edit))
        const { parts, total } = figures.composition.score
        count.laid++
        scores.push(total)
        if (idea.centerpiece.length === 0) count.empty++
        if (each.some((finding) => hardCodes.has(finding.code) && !known.has(finding.code))) count.hard++
        if ((parts.inside ?? 1) < 0.95) count.outside++
        if ((parts.hierarchy ?? 1) < 0.75) count.hero++
        if (figures.money.spendCents > figures.money.workingCents && !idea.brings.some((finding) => finding.code === 'money.over')) count.overUntold++
      }
    }
  }
  console.log(JSON.stringify({ briefs, ...count, refused, scoreMedian: at(scores, 0.5), scoreLeast: at(scores, 0), msMedian: Math.round(at(took, 0.5)), msWorst: Math.round(at(took, 1)) }, null, 1)) // prettier-ignore
}

/** Five whole looks each; seeds are named where something is to be sent back. */
function looks() {
  const shapesSmall = [...shapes, { kind: 'square', sideMm: 800 }, { kind: 'rectangle', lengthMm: 1830, widthMm: 762 }, { kind: 'round', diameterMm: 1220 }]
  const count = { laid: 0, cleared: 0, smaller: 0, spared: 0, followed: 0 }
  const back = { fewerThanFive: [], empty: [], stops: [], over: [], dishes: [], unsafe: [], avoided: [] }
  const left = {}
  const different = { napkin: [], hero: [], pattern: [] }
  const [scores, took] = [[], []]
  for (let seed = 1; seed <= briefs; seed++) {
    const random = seededRandom(9000 + seed)
    const pick = (list) => list[Math.floor(random() * list.length)]
    const plain = brief(seed)
    const shape = pick(shapesSmall)
    const look = {
      ...plain,
      guests: plain.guests.slice(0, shape.sideMm === 800 ? 2 : shape.widthMm === 762 ? 6 : shape.diameterMm === 1220 ? 4 : 10),
      table: { ...plain.table, shape },
      money: { ...plain.money, totalCents: pick([0, 10_000, 42_000, 90_000]) },
      intent: { ...plain.intent, moods: random() < 0.5 ? [pick(moods)] : [], avoid: random() < 0.2 ? ['brass'] : [] }
    }
    const start = performance.now()
    const found = composeLooks(look, { from: pick(['owned', 'few-new']), want: 5, seed })
    took.push(performance.now() - start)
    const bare = new Set(createAssessor().measure({ ...found[0]?.look, centerpiece: [] }).each.map((finding) => finding.code)) // prettier-ignore
    const send = (why, one) => back[why].push(`${seed} ${one?.direction ?? ''}`)
    if (found.length < 5) send('fewerThanFive')
    for (const one of found) {
      const codes = one.toMend.map((finding) => finding.code)
      count.laid++
      scores.push(one.score)
      for (const key of ['clearedForMeal', 'spared', 'followed']) if (one[key]) count[key === 'clearedForMeal' ? 'cleared' : key]++
      if (one.smaller.length > 0) count.smaller++
      for (const code of codes) left[code] = (left[code] ?? 0) + 1
      if (one.look.centerpiece.length === 0) send('empty', one)
      if (one.toMend.some((finding) => finding.severity === 'stop' && !bare.has(finding.code))) send('stops', one)
      if (codes.includes('money.over')) send('over', one)
      if (codes.includes('dish.room') && !bare.has('dish.room')) send('dishes', one)
      if (codes.some((code) => code.startsWith('stems.pets') || code === 'flame.household')) send('unsafe', one)
      if (codes.includes('brief.avoided')) send('avoided', one)
    }
    const many = (of) => new Set(found.map(of)).size
    different.napkin.push(many((one) => one.choices.find((choice) => choice.layer === 'napkins')?.pieceId))
    different.hero.push(many((one) => one.heroId))
    different.pattern.push(many((one) => one.pattern))
  }
  const mean = (list) => Math.round((100 * list.reduce((sum, value) => sum + value, 0)) / list.length) / 100
  console.log(JSON.stringify({ briefs, ...count, back, left, differentOfFive: { napkin: mean(different.napkin), hero: mean(different.hero), pattern: mean(different.pattern) }, scoreMedian: at(scores, 0.5), scoreLeast: at(scores, 0), msMedian: Math.round(at(took, 0.5)), msWorst: Math.round(at(took, 1)) }, null, 1)) // prettier-ignore
}

const at = (list, share) => [...list].sort((a, b) => a - b)[Math.floor(share * (list.length - 1))]
if (whole) looks()
else middles()
