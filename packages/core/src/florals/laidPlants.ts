import { goesRoundLamp } from '../centerpiece/lampGreens.js'
import { makeEdit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import type { BareFinding, FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { allSettings } from '../design/settingIds.js'
import { swapProposals } from '../design/swap.js'
import { isLeaf } from '../placing/leavesRound.js'
import { petCaution, plantOf } from './petCaution.js'

type Laid = Pick<Look, 'pieces' | 'household' | 'setting' | 'kinds' | 'room'>

/** Leaves under plates and greens round the lamp, against the lists of what harms the animals of the house; what is on none is unknown. */
export function laidPlantFindings(look: Laid): BareFinding[] {
  const { cats, dogs } = look.household
  if (!cats && !dogs) return []
  const index = pieceIndex(look)
  return laidPlantIds(look).flatMap((pieceId): BareFinding[] => {
    const piece = index.get(pieceId)
    const genus = piece ? plantOf(piece) : null
    if (genus === null) return []
    const caution = petCaution(genus)
    if (caution === 'listed-not-toxic') return []
    const found = { code: 'plants.pets', at: { kind: 'line', pieceId }, measured: { kinds: 1 }, limit: { kinds: 0 } } as const
    if (caution === 'dangerous-to-cats' && cats) return [{ ...found, severity: 'stop', because: 'lilies-cats' }]
    return [caution === 'toxic' ? { ...found, severity: 'warn', because: 'listed-toxic' } : { ...found, severity: 'note', because: 'on-no-list' }]
  })
}

function laidPlantIds({ setting, kinds, room }: Pick<Look, 'setting' | 'kinds' | 'room'>): string[] {
  const leaves = allSettings({ setting, kinds }).flatMap((one) => one.leavesId ?? [])
  return [...new Set([...leaves, ...(room.fixture?.greens ? [room.fixture.greens.pieceId] : [])])]
}

/** Others that the lists call not toxic, or none. */
export function laidPlantProposals(look: Look, { at: { pieceId } }: FindingOf<'plants.pets'>): Proposal[] {
  const onLamp = look.room.fixture?.greens?.pieceId === pieceId
  const serves = (piece: Piece) => (onLamp ? goesRoundLamp(piece) : piece.kind === 'stem' && isLeaf(piece))
  const isHarmless = (piece: Piece) => {
    const genus = plantOf(piece)
    return genus === null || petCaution(genus) === 'listed-not-toxic'
  }
  const without = makeEdit(look, 'setting', (draft) => {
    for (const setting of allSettings(draft)) if (setting.leavesId === pieceId) setting.leavesId = null
    if (draft.room.fixture?.greens?.pieceId === pieceId) draft.room.fixture.greens = null
  })
  return [...swapProposals(look, pieceId, (piece) => serves(piece) && isHarmless(piece), 2), { code: 'leave-out-plants', edit: without, params: { pieceId } }]
}
