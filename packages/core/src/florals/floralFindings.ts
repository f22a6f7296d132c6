import { findPiece, pieceIndex } from '../design/find.js'
import type { BareFinding } from '../design/finding.js'
import type { Look } from '../design/look.js'
import { arrangementNeeds, type ArrangementNeeds } from './arrangementNeeds.js'
import { plantsOfConcern } from './petCaution.js'

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

/** Stems that do not pass the mouth, do not cover or are too short, and every plant on the table that animals should not reach. */
export function floralFindings(look: Parts, figures: readonly ArrangementFigures[]): BareFinding[] {
  return [...figures.flatMap(stemFindings), ...look.centerpiece.flatMap((placed) => petFindings(look, placed.id))]
}

function stemFindings(needs: ArrangementFigures): BareFinding[] {
  const at = { kind: 'piece', placedId: needs.placedId } as const
  const found: BareFinding[] = []
  if (needs.stems > needs.mouthMost)
    found.push({ code: 'stems.mouth', severity: 'warn', at, measured: { stems: needs.stems }, limit: { stems: needs.mouthMost }, because: 'mouth' })
  if (!needs.isBud && needs.cover < needs.coverWanted - COVER_TOLERANCE)
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
      limit: { lengthMm: needs.buyAtLeastMm },
      because: 'out-of-water'
    })
  return found
}

function petFindings(look: Parts, placedId: string): BareFinding[] {
  const concern = plantsOfConcern(look, placedId)
  const at = (plantIds: readonly string[]) => ({ kind: 'piece', placedId, plantIds }) as const
  const listed = [...concern.lilies, ...concern.toxic]
  const found: BareFinding[] = []
  if (listed.length > 0)
    found.push({
      code: 'stems.pets',
      severity: concern.lilies.length > 0 ? 'stop' : 'warn',
      at: at(listed),
      measured: { kinds: listed.length },
      limit: { kinds: 0 },
      because: concern.lilies.length > 0 ? 'lilies-cats' : 'listed-toxic'
    })
  if (concern.unknown.length > 0)
    found.push({
      code: 'stems.pets-unknown',
      severity: 'note',
      at: at(concern.unknown),
      measured: { kinds: concern.unknown.length },
      limit: { kinds: 0 },
      because: 'on-no-list'
    })
  return found
}
