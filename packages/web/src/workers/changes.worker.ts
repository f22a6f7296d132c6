import {
  additions,
  changesFor,
  colorChanges,
  createAssessor,
  freshChanges,
  hintChanges,
  whatHelps,
  type Change,
  type ColorHint,
  type ColorNote,
  type Look,
  type Shelf
} from '@hestiad/core'

export type ChangesRequest =
  | { readonly kind: 'for'; readonly look: Look; readonly pieceId: string; readonly shelf: Shelf | undefined }
  | { readonly kind: 'add' | 'help' | 'fresh'; readonly look: Look }
  | { readonly kind: 'colors'; readonly look: Look; readonly notes: readonly ColorNote[]; readonly hints: readonly ColorHint[] }
/** Lists of changes; for colors one for each note, then one for each hint. */
export type ChangesReply = readonly (readonly Change[])[]

self.onmessage = ({ data }: MessageEvent<ChangesRequest>) => self.postMessage(answer(data))

function answer(asked: ChangesRequest): ChangesReply {
  const assessor = createAssessor()
  switch (asked.kind) {
    case 'for':
      return [changesFor(assessor, asked.look, asked.pieceId, asked.shelf)]
    case 'add':
      return [additions(assessor, asked.look)]
    case 'help':
      return [whatHelps(assessor, asked.look)]
    case 'fresh':
      return [freshChanges(assessor, asked.look)]
    case 'colors':
      return [...asked.notes.map((note) => colorChanges(assessor, asked.look, note)), ...asked.hints.map((hint) => hintChanges(assessor, asked.look, hint))]
  }
}
