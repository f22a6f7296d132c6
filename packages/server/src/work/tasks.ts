import { assess, buyList, type CupboardItem, type Look } from '@hestiad/core'
import { parseLook, previewCupboardCsv, readCupboardCsv, readOffersCsv, type ColumnMap } from '@hestiad/core/formats'
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
  readCupboard: (text: string, map: ColumnMap | undefined) => readCupboardCsv(text, map),
  previewCupboard: (text: string, map: ColumnMap | undefined) => {
    const seen = previewCupboardCsv(text)
    return seen.ok ? { seen, read: readCupboardCsv(text, map ?? seen.value.map) } : { seen }
  },
  readOffers: (text: string) => readOffersCsv(text),
  backup: (file: string, to: string) => writeBackup(file, to)
} as const

export type Tasks = typeof tasks
export type TaskName = keyof Tasks
