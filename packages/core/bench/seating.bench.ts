import { capacity, createAssessor, laidItems, placeLayouts, seatGuests, seatPlan, seededRandom, settingCrowding, type Look } from '@hestiad/core'
import { company } from '../test/support/company.js'
import { generateLook } from '../test/support/generateLook.js'
import { medianMs, WARM_UP, type BenchLine } from './benchLine.js'

/** Places, what the table would seat, all settings laid and where they touch, of fourteen at tables joined to an L, afresh each time. */
function joined(): BenchLine {
  const made = generateLook(5, { guests: 14, pieces: 12, manner: 'laid' })
  const shape = { kind: 'joined', form: 'L', lengthMm: 2400, widthMm: 1000, along: 2, across: 1 } as const
  const look: Look = { ...made, table: { ...made.table, shape, leaves: { ...made.table.leaves, in: 0 } } }
  const copies = Array.from({ length: 100 }, () => structuredClone(look))
  const fresh = Array.from({ length: 60 + WARM_UP }, () => structuredClone(look))
  const value = medianMs(60, (i) => seatAndSet(fresh[i]!))
  const whole = medianMs(60, (i) => createAssessor().measure(copies[i % copies.length]!))
  return { name: 'seat-and-set-14-joined', value, unit: 'ms', baseline: 'the whole assessment of the same look', ratio: value / whole }
}

function seatAndSet(look: Look): number {
  const plan = seatPlan(look)
  const counts = (['tight', 'usual', 'roomy'] as const).map((comfort) => capacity(look.table, comfort))
  const layouts = placeLayouts(look, plan.places)
  const laid = plan.places.map((place, i) => laidItems(place, layouts[i]!.layout, layouts[i]!.mirrored))
  return settingCrowding(laid, plan.places, layouts[0]!.layout).length + counts[0]!
}

/** Twenty guests with thirty wishes: the score after the usual number of tries against the best of four runs of twenty times as many. */
function guests(): BenchLine {
  const random = seededRandom(20)
  const looks = Array.from({ length: 5 }, (_, i): Look => {
    const made = generateLook(30 + i, { guests: 20, pieces: 1, manner: 'laid' })
    return { ...made, guests: company(random, 20, 30) }
  })
  let share = 1
  for (const look of looks) {
    const best = Math.max(...Array.from({ length: 4 }, (_, seed) => seatGuests(look, { seed: 100 + seed, tries: 1_200_000 }).score))
    share = Math.min(share, seatGuests(look).score / Math.max(best, seatGuests(look).score))
  }
  const value = medianMs(10, (i) => seatGuests(looks[i % looks.length]!))
  return {
    name: 'seat-guests-20x30',
    value,
    unit: 'ms',
    baseline: 'share of the best score known, the least of five companies; four runs of twenty times the tries',
    ratio: share
  }
}

export function seatingBenches(): BenchLine[] {
  return [joined(), guests()]
}
