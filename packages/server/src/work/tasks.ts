import { assess, buyList, type CupboardItem, type Look } from '@hestiad/core'
import {
  guessOfferReading,
  parseLook,
  guessReading,
  previewList,
  readCupboardCsv,
  readOffersCsv,
  validateLook,
  type ListReading,
  type NamedPieces,
  type OfferColumn
} from '@hestiad/core/formats'
import { ApiError } from '../errors.js'

/**
 * What takes long and is therefore worked out in threads of their own; each is given plain data and gives plain data back. What writes files is
 * loaded with its first task, so that an assessment does not wait for it.
 */
export const tasks = {
  /** The assessment of a look's text, as JSON. @throws ApiError unusable-look */
  assess: (text: string): string => {
    const parsed = parseLook(text)
    if (!parsed.ok) throw new ApiError('unusable-look', parsed.faults)
    return JSON.stringify(assess(parsed.value))
  },
  checkLook: (value: unknown) => validateLook(value),
  buyListPdf: async (look: Look, hints: Readonly<Record<string, string>>) =>
    (await import('../exports/buyListFiles.js')).buyListPdf(look, buyList(look), hints),
  buyListXlsx: async (look: Look, hints: Readonly<Record<string, string>>) =>
    (await import('../exports/buyListFiles.js')).buyListXlsx(look, buyList(look), hints),
  binLabels: async (items: readonly CupboardItem[], address: string) => (await import('../exports/labels.js')).binLabelsPdf(items, address),
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
  backup: async (file: string, to: string) => (await import('../storage/backup.js')).writeBackup(file, to)
} as const

export type Tasks = typeof tasks
export type TaskName = keyof Tasks
