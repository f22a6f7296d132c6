import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { arrangementNeeds, type ArrangementNeeds } from './arrangementNeeds.js'
import { petCaution } from './petCaution.js'

export interface ArrangementFigures extends ArrangementNeeds {
  readonly placedId: string
}

/** Needs of every arrangement of a look. */
export function floralFigures(look: Pick<Look, 'pieces' | 'centerpiece' | 'school'>): ArrangementFigures[] {
  const index = pieceIndex(look)
  return look.centerpiece.flatMap((placed) => {
    const vessel = findPiece(index, placed.pieceId, 'vessel')
    if (!vessel || !placed.arrangement) return []
    return [{ placedId: placed.id, ...arrangementNeeds(vessel, placed.arrangement, look.school.fullness, index) }]
  })
}

/** Cover below the wish by less than this is not spoken of. */
const COVER_TOLERANCE = 0.02

type Parts = Pick<Look, 'pieces' | 'centerpiece' | 'household'>

/** Stems that do not pass the mouth, do not cover, are too short, or that animals should not reach. */
export function floralFindings(look: Parts, figures: readonly ArrangementFigures[]): BareFinding[] {
  return figures.flatMap((needs): BareFinding[] => {
    const at = { kind: 'piece', placedId: needs.placedId } as const
    const found: BareFinding[] = []
    if (needs.stems > needs.mouthMost)
      found.push({ code: 'stems.mouth', severity: 'warn', at, measured: { stems: needs.stems }, limit: { stems: needs.mouthMost }, because: 'mouth' })
    if (needs.cover < needs.coverWanted - COVER_TOLERANCE)
      found.push({
        code: 'stems.sparse',
        severity: 'note',
        at,
        measured: { cover: needs.cover, stems: needs.stems },
        limit: { cover: needs.coverWanted, stems: needs.stemsWanted },
        because: 'mechanics-show'
      })
    if (needs.tooShort.length > 0)
      found.push({
        code: 'stems.short',
        severity: 'warn',
        at,
        measured: { lengthMm: Math.min(...needs.tooShort.map((stem) => stem.lengthMm)), kinds: needs.tooShort.length },
        limit: { lengthMm: needs.cutLengthMm },
        because: 'out-of-water'
      })
    return [...found, ...petFindings(look, needs.placedId)]
  })
}

/** Stems of an arrangement by what the lists say of them for this household's animals. */
export function stemsOfConcern(
  look: Pick<Look, 'pieces' | 'centerpiece' | 'household'>,
  placedId: string
): { toxic: string[]; lilies: string[]; unknown: string[] } {
  const index = pieceIndex(look)
  const concern = { toxic: [] as string[], lilies: [] as string[], unknown: [] as string[] }
  const { cats, dogs } = look.household
  if (!cats && !dogs) return concern
  for (const { stemId } of look.centerpiece.find((placed) => placed.id === placedId)?.arrangement?.stems ?? []) {
    const stem = findPiece(index, stemId, 'stem')
    if (!stem || stem.material === 'faux') continue
    const caution = petCaution(stem.genus)
    if (caution === 'dangerous-to-cats' && cats) concern.lilies.push(stemId)
    else if (caution === 'toxic') concern.toxic.push(stemId)
    else if (caution === 'unknown' || caution === 'dangerous-to-cats') concern.unknown.push(stemId)
  }
  return concern
}

function petFindings(look: Parts, placedId: string): BareFinding[] {
  const concern = stemsOfConcern(look, placedId)
  const at = { kind: 'piece', placedId } as const
  const listed = concern.toxic.length + concern.lilies.length
  const found: BareFinding[] = []
  if (listed > 0)
    found.push({
      code: 'stems.pets',
      severity: concern.lilies.length > 0 ? 'stop' : 'warn',
      at,
      measured: { kinds: listed },
      limit: { kinds: 0 },
      because: concern.lilies.length > 0 ? 'lilies-cats' : 'listed-toxic'
    })
  if (concern.unknown.length > 0)
    found.push({ code: 'stems.pets-unknown', severity: 'note', at, measured: { kinds: concern.unknown.length }, limit: { kinds: 0 }, because: 'on-no-list' })
  return found
}
