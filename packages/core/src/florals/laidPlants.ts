import { goesRoundLamp } from '../centerpiece/lampGreens.js'
import { makeEdit } from '../design/edit.js'
import { pieceIndex } from '../design/find.js'
import type { BareFinding, FindingOf, Proposal } from '../design/finding.js'
import type { Look } from '../design/look.js'
import type { Piece } from '../design/piece.js'
import { allSettings } from '../design/settingIds.js'
import { swapProposals } from '../design/swap.js'
import { isLeaf } from '../placing/leavesRound.js'
import { isHarmless, plantConcern } from './petCaution.js'

type Laid = Pick<Look, 'pieces' | 'household' | 'setting' | 'kinds' | 'room'>

/** Leaves under plates and greens round the lamp, against the lists of what harms the animals of the house; what is on none is unknown. */
export function laidPlantFindings(look: Laid): BareFinding[] {
  const index = pieceIndex(look)
  return laidPlantIds(look).flatMap((pieceId): BareFinding[] => {
    const because = plantConcern(index.get(pieceId), look.household)
    if (!because) return []
    return [{ code: 'plants.pets', severity: severityOf[because], at: { kind: 'line', pieceId }, measured: { kinds: 1 }, limit: { kinds: 0 }, because }]
  })
}

const severityOf = { 'lilies-cats': 'stop', 'listed-toxic': 'warn', 'on-no-list': 'note' } as const

function laidPlantIds({ setting, kinds, room }: Pick<Look, 'setting' | 'kinds' | 'room'>): string[] {
  const leaves = allSettings({ setting, kinds }).flatMap((one) => one.leavesId ?? [])
  return [...new Set([...leaves, ...(room.fixture?.greens ? [room.fixture.greens.pieceId] : [])])]
}

/** Others that the lists call not toxic, or none. */
export function laidPlantProposals(look: Look, { at: { pieceId } }: FindingOf<'plants.pets'>): Proposal[] {
  const onLamp = look.room.fixture?.greens?.pieceId === pieceId
  const serves = (piece: Piece) => (onLamp ? goesRoundLamp(piece) : piece.kind === 'stem' && isLeaf(piece))
  const without = makeEdit(look, 'setting', (draft) => {
    for (const setting of allSettings(draft)) if (setting.leavesId === pieceId) setting.leavesId = null
    if (draft.room.fixture?.greens?.pieceId === pieceId) draft.room.fixture.greens = null
  })
  return [...swapProposals(look, pieceId, (piece) => serves(piece) && isHarmless(piece), 2), { code: 'leave-out-plants', edit: without, params: { pieceId } }]
}
