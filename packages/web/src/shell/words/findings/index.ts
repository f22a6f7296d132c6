import type { FindingCode } from '@hestiad/core'
import { briefWords } from './brief.js'
import { compositionFindingWords } from './composition.js'
import { lightAndFloralWords } from './lightAndFlorals.js'
import { linenWords } from './linens.js'
import { middleWords } from './middle.js'
import { moneyWords } from './money.js'
import { placeWords } from './places.js'
import type { WordsOf } from './speaker.js'

/** How every finding is told, in English. */
export const findingWords: WordsOf<FindingCode> = {
  ...placeWords,
  ...linenWords,
  ...middleWords,
  ...compositionFindingWords,
  ...lightAndFloralWords,
  ...moneyWords,
  ...briefWords
}
