import type { BareFinding } from '../design/finding.js'
import type { Placed } from '../design/look.js'

/** Like troubles of like pieces made one finding: told of the worst, with the ids of the others: placed pieces', or pieces'. One cause, one finding. */
export function gather(findings: readonly BareFinding[], centerpiece: readonly Placed[]): readonly BareFinding[] {
  const groups = new Map<string, BareFinding[]>()
  for (const finding of findings) {
    const key = finding.at.kind === 'piece' || whateverPiece.has(finding.code) ? causeOf(finding, centerpiece) : undefined
    const group = key === undefined ? undefined : groups.get(key)
    if (group) group.push(finding)
    else groups.set(key ?? `alone ${groups.size}`, [finding])
  }
  if (groups.size === findings.length) return findings
  return [...groups.values()].map((group): BareFinding => {
    if (group.length === 1) return group[0]!
    const [worst, ...rest] = [...group].sort((a, b) => beyond(b) - beyond(a))
    return { ...worst!, also: rest.map(placeIdOf) }
  })
}

function placeIdOf({ at }: BareFinding): string {
  return at.kind === 'piece' ? at.placedId : at.kind === 'line' ? at.pieceId : ''
}

/** Troubles whose cause is what is in or about the piece, whatever kind it is. */
const whateverPiece: ReadonlySet<BareFinding['code']> = new Set([
  'stems.pets',
  'stems.pets-unknown',
  'plants.pets',
  'flame.setting',
  'flame.sleeves',
  'piece.edge',
  'brief.avoided'
])

/** What is the same for all that share a cause: the code, how grave, why, and which pieces are concerned. */
function causeOf(finding: BareFinding, centerpiece: readonly Placed[]): string {
  if (whateverPiece.has(finding.code)) return [finding.code, finding.severity, finding.because].join(' ')
  const piece = (id: string | null) => centerpiece.find((placed) => placed.id === id)
  const placed = piece(placeIdOf(finding))
  const other = finding.at.kind === 'piece' && 'otherId' in finding.at ? piece(finding.at.otherId) : undefined
  return [finding.code, finding.severity, finding.because, placed?.pieceId, placed?.candle?.candleId, other?.pieceId].join(' ')
}

/** How far a finding is beyond its limit, as a share of it. */
function beyond({ measured, limit }: BareFinding): number {
  const [is, may] = [measured, limit] as unknown as [Record<string, number>, Record<string, number>]
  return Math.max(0, ...Object.keys(is).flatMap((name) => (may[name] === undefined ? [] : [Math.abs(is[name]! - may[name]) / (Math.abs(may[name]) || 1)])))
}
