import { operations, StartComposingDto } from '@hestiad/api'
import { heededOn, isRecipe, isTaste, kindsBought, offersByPiece, type Look, type PieceKind, type WholeLook, type WholeLookOptions } from '@hestiad/core'
import type { FastifyPluginCallback } from 'fastify'
import { loadItems, loadOffers } from '../cupboard/cupboardStore.js'
import { ApiError } from '../errors.js'
import { textOf } from '../http/days.js'
import { readDto } from '../http/dto.js'
import { route } from '../http/route.js'
import { lettersIn, lookFrom } from '../looks/checkedLook.js'
import { openLook } from '../looks/lookStore.js'
import type { PriceSource } from '../stand-ins/priceSource.js'
import type { Storage } from '../storage/openStorage.js'
import type { Workers } from '../work/workers.js'
import { keptComposing, type Asked } from './composingStore.js'
import { createComposings, type Said } from './composings.js'
import { createLookComposer } from './lookComposer.js'

/** Whole looks composed for a look in a thread: started, asked after, canceled, gone on with; kept with the look. */
export const composingRoutes: FastifyPluginCallback<{ storage: Storage; prices: PriceSource; workers: Workers }> = (
  app,
  { storage, prices, workers },
  done
) => {
  const composer = createLookComposer()
  const composings = createComposings(storage, composer)
  app.addHook('onClose', () => composer.close())

  async function saidOf(base: Look, from: Asked['from']): Promise<Said> {
    const heeded = heededOn(base.occasion.date, await loadItems(storage))
    return from === 'owned' ? heeded : { ...heeded, shelf: await shelfOf(base, kindsBought[from]) }
  }

  async function shelfOf({ buying }: Look, kinds: readonly PieceKind[]): Promise<NonNullable<WholeLookOptions['shelf']>> {
    const byPiece = offersByPiece([...prices.offersOn(buying.pricesOn ?? prices.today()), ...(await loadOffers(storage))])
    const pieces = prices.articles().filter((piece) => kinds.includes(piece.kind) && byPiece.has(piece.id))
    return { pieces, offers: pieces.flatMap((piece) => byPiece.get(piece.id)!) }
  }

  route(
    app,
    operations.startComposing,
    async (request, reply) => {
      const { id: lookId } = await openLook(storage, request.params['id']!)
      const { asked, base, others, taste } = wished(request.body)
      const look = await lookFrom(workers, lettersIn(request), base)
      const before = others ? await keptComposing(storage, lookId) : undefined
      const earlier = before ? [...before.asked.earlier, ...before.looks.map(shortly)] : []
      const all: Asked = { ...asked, seed: (before?.asked.seed ?? 0) + 1, earlier, ...(taste && { taste }) }
      const id = await composings.start(lookId, all, look, await saidOf(look, asked.from))
      return reply.status(202).send({ id })
    },
    'heavy'
  )
  route(
    app,
    operations.goOnComposing,
    async (request, reply) => {
      const id = await composings.goOn(request.params['id']!, ({ base, asked }) => saidOf(base, asked.from))
      return reply.status(202).send({ id })
    },
    'heavy'
  )
  route(app, operations.getComposing, async (request) => {
    const have = textOf(request.query, 'have')
    if (!/^\d{0,3}$/.test(have)) throw new ApiError('bad-request', [{ place: '?have', message: 'must be how many looks one has' }])
    return composings.get(request.params['id']!, have === '' ? undefined : Number(have))
  })
  route(app, operations.cancelComposing, (request) => composings.cancel(request.params['id']!))
  done()
}

/** @throws ApiError bad-request naming the place */
function wished(body: unknown): StartComposingDto {
  const dto = readDto(StartComposingDto, body)
  const { recipe } = dto.asked
  if (recipe !== undefined && !isRecipe(recipe)) throw new ApiError('bad-request', [{ place: '/asked/recipe', message: 'is no recipe that can be followed' }])
  if (dto.taste !== undefined && !isTaste(dto.taste)) throw new ApiError('bad-request', [{ place: '/taste', message: 'must weigh every trait by a number' }])
  return dto
}

const shortly = ({ choices, heroId, pattern }: WholeLook) => ({ pieceIds: choices.map((choice) => choice.pieceId), heroId, pattern })
