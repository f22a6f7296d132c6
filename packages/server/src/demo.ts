import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseLook } from '@hestiad/core/formats'
import { noFacts } from '@hestiad/core'
import { putItems, putOffers } from './cupboard/cupboardStore.js'
import { insertLook } from './looks/lookStore.js'
import type { Storage } from './storage/openStorage.js'

/** The look whose cupboard and offers become the household's. */
const MAIN = 'pearl-anniversary'

/** Loads the demo looks into a new database, and the cupboard and offers of the main one. */
export async function loadDemo(storage: Storage, folder: string): Promise<void> {
  const looks = readdirSync(folder)
    .filter((name) => name.endsWith('.hestiad.json'))
    .map((name) => {
      const parsed = parseLook(readFileSync(join(folder, name), 'utf8'))
      if (!parsed.ok) throw new Error(`${name}${parsed.faults[0]!.place}: ${parsed.faults[0]!.message}`)
      return parsed.value
    })
  await storage.writes.run(async (manager) => {
    for (const look of looks) {
      await insertLook(manager, look, look.id)
      if (look.id !== MAIN) continue
      await putItems(
        manager,
        look.pieces.map((piece) => ({ piece, facts: noFacts }))
      )
      await putOffers(manager, look.offers)
    }
  })
}
