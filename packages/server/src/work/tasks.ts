import { assess, buyList, type CupboardItem, type Look } from '@hestiad/core'
import {
  guessOfferReading,
  parseLook,
  guessReading,
  previewList,
  readCupboardCsv,
  readOffersCsv,
  type ListReading,
  type NamedPieces,
  type OfferColumn
} from '@hestiad/core/formats'
import { ApiError } from '../errors.js'
import { buyListPdf, buyListXlsx } from '../exports/buyListFiles.js'
import { binLabelsPdf } from '../exports/labels.js'
import { writeBackup } from '../storage/backup.js'

/** What takes long and is therefore worked out in threads of their own; each is given plain data and gives plain data back. */
export const tasks = {
  /** The assessment of a look's text, as JSON. @throws ApiError unusable-look */
  assess: (text: string): string => {
    const parsed = parseLook(text)
    if (!parsed.ok) throw new ApiError('unusable-look', parsed.faults)
    return JSON.stringify(assess(parsed.value))
  },
  buyListPdf: (look: Look) => buyListPdf(look, buyList(look)),
  buyListXlsx: (look: Look) => buyListXlsx(look, buyList(look)),
  binLabels: (items: readonly CupboardItem[], address: string) => binLabelsPdf(items, address),
  readCupboard: (text: string, reading: ListReading | undefined) => readCupboardCsv(text, reading),
  previewCupboard: (text: string, reading: ListReading | undefined) => {
    const seen = previewList(text, reading, guessReading)
    return seen.ok ? { seen, read: readCupboardCsv(text, seen.value.reading) } : { seen }
  },
  readOffers: (text: string, reading: ListReading<OfferColumn> | undefined, pieces: NamedPieces) => readOffersCsv(text, reading, pieces),
  previewOffers: (text: string, reading: ListReading<OfferColumn> | undefined, pieces: NamedPieces) => {
    const seen = previewList(text, reading, guessOfferReading)
    return seen.ok ? { seen, read: readOffersCsv(text, seen.value.reading, pieces) } : { seen }
  },
  backup: (file: string, to: string) => writeBackup(file, to)
} as const

export type Tasks = typeof tasks
export type TaskName = keyof Tasks
