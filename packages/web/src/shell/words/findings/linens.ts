import type { FindingCode } from '@hestiad/core'
import { agree, some, type WordsOf } from './speaker.js'

/** Cloths, toppers, runners and mats. */
export const linenWords = {
  'cloth.short': {
    step: 'linens',
    title: () => 'The cloth hangs short',
    is: ({ measured }, say) =>
      measured.dropMm < 0 ? `${say.length(-measured.dropMm)} of the table stays bare` : `${say.length(measured.dropMm)} at the least`,
    limit: ({ limit }, say) => `${say.length(limit.dropMm)} for this style`,
    because: { 'bare-edge': 'The table shows at the edge.', style: 'The look asks for another drop.' }
  },
  'cloth.long': {
    step: 'linens',
    title: () => 'The cloth hangs long',
    is: ({ measured }, say) => `${say.length(measured.dropMm)} at the most`,
    limit: ({ limit }, say) => `${say.length(limit.dropMm)} for this style`,
    because: { style: 'The look asks for another drop.' }
  },
  'cloth.lap': {
    step: 'linens',
    title: () => 'The cloth lies in laps',
    is: ({ measured }, say) => `${say.length(measured.dropMm)} drop`,
    limit: ({ limit }, say) => `${say.length(limit.dropMm)} from table to seat`,
    because: { laps: 'Deeper than the seat, it meets chairs and laps and is pulled.' }
  },
  'cloth.floor': {
    step: 'linens',
    title: () => 'The cloth reaches the floor',
    is: ({ measured }, say) => `${say.length(measured.dropMm)} at the deepest`,
    limit: ({ limit }, say) => `${say.length(limit.dropMm)} table height`,
    because: { feet: 'Cloth on the floor is stepped on: a tripping hazard, and the table comes with it.' }
  },
  'cloth.uneven': {
    step: 'linens',
    title: () => 'Ends and sides hang unevenly',
    is: ({ measured }, say) => `${say.length(measured.dropMm)} apart`,
    limit: ({ limit }, say) => `${say.length(limit.dropMm)} goes unseen`,
    because: { 'hem-line': 'The eye reads the hem as crooked.' }
  },
  'runner.places': {
    step: 'linens',
    title: ({ because }) => (because === 'runners-touch' ? 'Runners lie on each other' : 'The runner runs under plates'),
    is: ({ measured }, say) => `${say.length(measured.widthMm)} wide`,
    limit: ({ limit, because }, say) =>
      because === 'runners-touch' ? `${say.length(limit.widthMm)} from one pair to the next` : `${say.length(limit.widthMm)} free between plates`,
    because: {
      'under-plates': 'A plate half on a runner tilts, and the runner is pulled.',
      'runners-touch': 'Runners at each pair want a little table between them.'
    }
  },
  'runner.overhang': {
    step: 'linens',
    title: () => 'The runner ends awkwardly',
    is: ({ measured }, say) => `${say.length(measured.overhangMm)} over the edge`,
    limit: ({ limit }, say) => `about ${say.length(limit.overhangMm)}, or short of the edge`,
    because: {
      'neither-over-nor-short': 'It neither hangs nor stops short; it looks like the wrong size.',
      laps: 'Deeper than the seat, it meets chairs and laps and is pulled.'
    }
  },
  'mats.gap': {
    step: 'linens',
    title: () => 'Mats crowd each other',
    is: ({ measured }, say) => (measured.gapMm < 0 ? `overlapping by ${say.length(-measured.gapMm)}` : `${say.length(measured.gapMm)} between them`),
    limit: ({ limit }, say) => `${say.length(limit.gapMm)} at least`,
    because: { 'mats-touch': 'Mats want a little table between them.' }
  },
  'topper.long': {
    step: 'linens',
    title: ({ at }, say) => `${agree(say.piece(at.pieceId), 'hides', 'hide')} the cloth below`,
    is: ({ measured }, say) => `${say.length(measured.dropMm)} drop at the most`,
    limit: ({ limit }, say) => `${say.length(limit.dropMm)}, so that the cloth shows`,
    because: { 'hides-cloth': 'The cloth below should show round it.' }
  },
  'linen.flaw': {
    step: 'linens',
    title: ({ at }, say) => `${say.piece(at.pieceId)}: a flaw shows`,
    is: ({ measured }) => `${some(measured.spots, 'spot', 'spots')} bare`,
    limit: () => 'each covered',
    because: { 'cover-this': 'The eye goes to a hole first. Something of the meal has to stand on it.' }
  },
  'cloth.seam': {
    step: 'linens',
    title: () => 'The seam of two cloths shows',
    is: ({ measured }, say) => `${say.percent(measured.share)} of it bare`,
    limit: () => 'under a runner or the middle',
    because: { 'seam-bare': 'Two hems side by side read as a mistake; a runner or the middle covers them.' }
  },
  'table.seam': {
    step: 'linens',
    title: () => 'Seams of the tables show',
    is: ({ measured }) => `${some(measured.seams, 'seam', 'seams')} bare`,
    limit: () => 'all covered',
    because: { 'seams-show': 'The eye falls into the gap, and glasses tip on it. A cloth or a runner covers it.' }
  }
} as const satisfies Partial<WordsOf<FindingCode>>
