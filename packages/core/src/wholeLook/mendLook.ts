import type { Assessor } from '../assess/assess.js'
import { heroOf } from '../centerpiece/hero.js'
import { applyEdit, type Edit } from '../design/edit.js'
import { findingKey, type BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { RemedyCode } from '../design/finding.js'
import type { Layer } from '../design/layers.js'

/** What a composer may not decide: the brief, the company, the money, what others lay. */
const notOurs: ReadonlySet<RemedyCode> = new Set<RemedyCode>([
  'fewer-guests',
  'skip-course',
  'skip-dish',
  'no-drink',
  'raise-budget',
  'use-reserve',
  'raise-cap',
  'settle-claim',
  'raise-table',
  'leaf-in',
  'heads-open',
  'heads-closed',
  'shift-table',
  'no-pass',
  'raise-fixture',
  'swap-seats',
  'drop-style',
  'go-without',
  'meant'
])
const MOST_STEPS = 6
const layerOf: Readonly<Record<string, readonly Layer[]>> = {
  linens: ['linens'],
  centerpiece: ['middle'],
  setting: ['plates', 'napkins', 'glasses', 'flatware'],
  kinds: ['plates', 'napkins', 'glasses', 'flatware']
}

const worst = (findings: readonly BareFinding[]) => [
  findings.filter((one) => one.severity === 'stop').length,
  findings.filter((one) => one.severity === 'warn').length
]

/**
 * A look with its stops and warnings mended where a remedy leaves fewer of both, touches nothing that is kept and nothing a stylist decides. `beyond`
 * remembers what could not be mended, so that it is not tried again on the same places.
 */
export function mendLook(look: Look, assessor: Assessor, keep: ReadonlySet<Layer>, beyond: Set<string>): Look {
  let mended = look
  for (let step = 0; step < MOST_STEPS; step++) {
    const next = better(mended, assessor, keep, beyond)
    if (!next) break
    mended = next
  }
  return mended
}

function better(look: Look, assessor: Assessor, keep: ReadonlySet<Layer>, beyond: Set<string>): Look | undefined {
  const { findings } = assessor.measure(look)
  const [stops, warns] = worst(findings) as [number, number]
  const hero = heroOf(look)
  for (const finding of findings) {
    if (finding.severity === 'note') continue
    const key = placesKey(look, finding)
    if (key !== null && beyond.has(key)) continue
    for (const remedy of assessor.remediesFor(look, finding)) {
      if (notOurs.has(remedy.code) || touches(remedy.edit, keep)) continue
      const after = applyEdit(look, remedy.edit)
      const [nextStops, nextWarns] = worst(assessor.measure(after).findings) as [number, number]
      if (nextStops > stops || nextWarns > warns || nextStops + nextWarns >= stops + warns) continue
      if (hero && heroOf(after) !== hero) continue
      return after
    }
    if (key !== null) beyond.add(key)
  }
  return undefined
}

/** A fault of the places with all that it hangs on; null for others, which a cloth or a middle may change. */
function placesKey({ setting, kinds }: Look, finding: BareFinding): string | null {
  return finding.code.startsWith('setting.') ? `${findingKey(finding)} ${JSON.stringify([setting, kinds])}` : null
}

function touches({ patches }: Edit, keep: ReadonlySet<Layer>): boolean {
  return patches.some(({ path }) => (layerOf[String(path[0])] ?? []).some((layer) => keep.has(layer)))
}
