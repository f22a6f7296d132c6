import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { CastModel } from '../../src/wholeLook/castModel.js'
import type { Direction } from '../../src/wholeLook/direction.js'
import { glassKinship, metalKinship } from '../../src/wholeLook/kinship.js'
import type { Cover, Uncosted } from '../../src/wholeLook/laidCast.js'

const { log } = Math
const WORST = -60
const logOf = (value: number) => (value > 0 ? Math.max(WORST, log(value)) : WORST)

/**
 * The choice of a cast as an integer program in LP text, its factors as sums of logarithms: one of each layer; a column for each cover, tied to its
 * layers; charger with flatware, and what takes as much room, in columns of their own; glass in color that is answered by a cover that answers it.
 */
export function castProgram(model: CastModel, direction: Direction): string {
  const { look, layers, own } = model
  const costs = new Map<string, number>()
  const rows: string[] = []
  /** A choice and what it takes of the worth; named twice, both. */
  const column = (name: string, worth: number) => {
    costs.set(name, (costs.get(name) ?? 0) - worth)
    return name
  }
  const equal = (sum: readonly string[], to: readonly string[]) => {
    rows.push(`${sum.join('\n + ')}\n - ${to.join('\n - ')} = 0`)
  }
  const layer = <T>(name: string, list: readonly T[], worth: (one: T) => number) => {
    const xs = list.map((one, i) => column(`${name}${i}`, logOf(worth(one))))
    rows.push(`${xs.join('\n + ')} = 1`)
    return xs
  }
  const cloths = layer('cloth', layers.cloths, own.cloth)
  const runners = layer('runner', layers.runners, own.runner)
  const stacks = layer('stack', layers.stacks, own.stack)
  const napkins = layer('napkin', layers.napkins, own.napkin)
  const glasses = layer('glass', layers.glasses, own.glasses)
  const flatware = layer('flatware', layers.flatware, () => 1)

  const none: Uncosted = { cloth: null, runner: null, charger: null, dinner: null, upper: [], napkin: null, glasses: [], flatware: [] }
  const covers = layers.cloths.flatMap((cloth, c) =>
    layers.runners.flatMap((runner, r) =>
      layers.stacks.flatMap((stack, s) =>
        layers.napkins.map((napkin, n) => {
          const cover: Cover = { ...none, ...stack, cloth, runner, napkin }
          return { cover, at: [c, r, s, n] as const, name: column(`cover_${c}_${r}_${s}_${n}`, logOf(model.cover(cover, direction))) }
        })
      )
    )
  )
  ;[cloths, runners, stacks, napkins].forEach((xs, k) =>
    xs.forEach((x, i) =>
      equal(
        covers.filter(({ at }) => at[k] === i).map(({ name }) => name),
        [x]
      )
    )
  )

  layers.glasses.forEach((set, g) => {
    const worths = covers.map(({ cover }) => glassKinship(look, { ...cover, glasses: set }))
    const [least, most] = [Math.min(...worths), Math.max(...worths)]
    column(glasses[g]!, logOf(least))
    if (most === least) return
    const answered = column(`answered${g}`, log(most / least))
    rows.push(`${answered} - ${glasses[g]!} <= 0`)
    const by = covers.filter((_, i) => worths[i] === most).map(({ name }) => `- ${name}`)
    rows.push(`${answered}\n ${by.join('\n ')} <= 0`)
  })

  /** Stacks alike in something, with flatware or with glasses and flatware, in columns tied to each of them. */
  const tied = (name: string, classOf: (s: number) => string, withGlasses: boolean, worth: (cast: Uncosted) => number) => {
    const classes = [...new Set(stacks.map((_, s) => classOf(s)))]
    const columns = classes.flatMap((one, k) =>
      layers.flatware.flatMap((pattern, f) =>
        (withGlasses ? layers.glasses : [[]]).map((set, g) => {
          const s = stacks.findIndex((_, i) => classOf(i) === one)
          const cast: Uncosted = { ...none, ...layers.stacks[s]!, glasses: set, flatware: pattern }
          return { k, f, g, name: column(`${name}_${k}_${f}_${g}`, logOf(worth(cast))) }
        })
      )
    )
    const of = (member: 'k' | 'f' | 'g', i: number) => columns.filter((one) => one[member] === i).map((one) => one.name)
    classes.forEach((one, k) => equal(of('k', k), stacks.filter((_, s) => classOf(s) === one))) // prettier-ignore
    flatware.forEach((x, f) => equal(of('f', f), [x]))
    if (withGlasses) glasses.forEach((x, g) => equal(of('g', g), [x]))
  }
  tied('metal', (s) => layers.stacks[s]!.charger?.id ?? '', false, metalKinship)
  const widest = (s: number) => {
    const { charger, dinner, upper } = layers.stacks[s]!
    return String(Math.max(0, ...[charger, dinner, ...upper].map((plate) => plate?.diameterMm ?? 0)))
  }
  tied('room', widest, true, model.room)
  const subject = rows.map((row, i) => ` r${i}: ${row}`).join('\n')
  const objective = [...costs].map(([name, cost]) => `${cost < 0 ? '-' : '+'} ${Math.abs(cost).toFixed(10)} ${name}`)
  return `Minimize\n obj: ${objective.join('\n ')}\nSubject To\n${subject}\nBinaries\n ${[...costs.keys()].join('\n ')}\nEnd\n`
}

/** What the best cast of a program is worth, as COIN-OR's cbc finds it. */
export function solvedByCbc(program: string): number {
  const folder = mkdtempSync(join(tmpdir(), 'hestiad-casts-'))
  writeFileSync(join(folder, 'c.lp'), program)
  execFileSync('/usr/bin/cbc', [join(folder, 'c.lp'), 'ratioGap', '0', 'allowableGap', '1e-7', 'solve', 'solution', join(folder, 'c.txt')], { stdio: 'ignore' })
  const text = readFileSync(join(folder, 'c.txt'), 'utf8')
  if (!text.startsWith('Optimal')) throw new Error(text.slice(0, 80))
  return Math.exp(-Number(/objective value\s+(\S+)/.exec(text)![1]))
}
