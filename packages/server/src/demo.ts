import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parseLook } from '@hestiad/core/formats'
import { noFacts, type PieceFacts } from '@hestiad/core'
import type { IdeaFieldsDto } from '@hestiad/api'
import { putItems, putOffers } from './cupboard/cupboardStore.js'
import { insertLook } from './looks/lookStore.js'
import { IdeaEntity } from './storage/entities/IdeaEntity.js'
import type { Storage } from './storage/openStorage.js'

/** The look whose cupboard and offers become the household's. */
const MAIN = 'pearl-anniversary'

/** What the household knows of its pieces beyond what a look says, by piece. */
const FACTS = 'cupboard-facts.json'
/** The board of ideas, the newest first. */
const IDEAS = 'ideas.json'

/** Another look of an occasion is older by so much than the one before it, so that the first is shown first. */
const OLDER_MS = 60_000

/** Loads the demo looks into a new database, and the cupboard and offers of the main one. `a.hestiad.json` is the first look of an occasion, `a.b.hestiad.json` another of it. */
export async function loadDemo(storage: Storage, folder: string): Promise<void> {
  const looks = readdirSync(folder)
    .filter((name) => name.endsWith('.hestiad.json'))
    .map((name) => {
      const parsed = parseLook(readFileSync(join(folder, name), 'utf8'))
      if (!parsed.ok) throw new Error(`${name}${parsed.faults[0]!.place}: ${parsed.faults[0]!.message}`)
      return { occasion: name.split('.')[0]!, look: parsed.value }
    })
  const nowMs = Date.now()
  const occasions = new Map<string, string>()
  const known = JSON.parse(readFileSync(join(folder, FACTS), 'utf8')) as Readonly<Record<string, Partial<PieceFacts>>>
  await storage.writes.run(async (manager) => {
    const firstOnes = [...looks].sort((a, b) => Number(a.look.id !== a.occasion) - Number(b.look.id !== b.occasion))
    for (const [i, { occasion, look }] of firstOnes.entries()) {
      occasions.set(occasion, await insertLook(manager, look, look.id, occasions.get(occasion), nowMs - i * OLDER_MS))
      if (look.id !== MAIN) continue
      await putItems(
        manager,
        look.pieces.map((piece) => ({ piece, facts: { ...noFacts, ...known[piece.id] } }))
      )
      await putOffers(manager, look.offers)
    }
    const ideas = JSON.parse(readFileSync(join(folder, IDEAS), 'utf8')) as (IdeaFieldsDto & { id: string })[]
    await manager.insert(
      IdeaEntity,
      ideas.map((idea, i) => ({ photoId: null, stage: null, ...idea, createdAtMs: nowMs - i }))
    )
  })
}
