import { IsISO8601, IsObject, IsOptional, IsString, Matches } from 'class-validator'
import type { FastifyPluginCallback, FastifyRequest } from 'fastify'
import { claimsOn, linesToBuy, usesOf } from '@hestiad/core'
import { loadOffers } from '../cupboard/cupboardStore.js'
import { readDto } from '../http/dto.js'
import { loadLook, lookFrom, lookOf } from '../looks/lookStore.js'
import { pricedLook, withAlike } from '../shops/prices.js'
import type { PriceSource } from '../stand-ins/priceSource.js'
import { LookEntity } from '../storage/entities/LookEntity.js'
import type { Storage } from '../storage/openStorage.js'
import { createPlanJobs } from './planJobs.js'
import { createSolver } from './solver.js'

class PlanDto {
  @IsObject() look!: object
  /** Day the plan is made, ISO; today when absent. */
  @IsOptional() @IsString() @Matches(/^\d{4}-\d{2}-\d{2}$/) @IsISO8601({ strict: true }) day?: string
}

type ById = FastifyRequest<{ Params: { id: string } }>

/** Buying plans, made in a thread: started, asked after, canceled. And what occasions lay of the cupboard, near this day and ever. */
export const planRoutes: FastifyPluginCallback<{ storage: Storage; prices: PriceSource }> = (app, { storage, prices }, done) => {
  const tags = ['plans']
  const solver = createSolver()
  const jobs = createPlanJobs(solver)
  app.addHook('onClose', () => solver.close())

  app.post('/api/plans', { schema: { tags, summary: 'Start a buying plan for a look, with the day’s prices' } }, async (request, reply) => {
    const dto = readDto(PlanDto, request.body)
    const day = dto.day ?? prices.today()
    const look = lookFrom(dto.look)
    const ids = new Set(linesToBuy(look).flatMap((line) => line.eligible))
    const priced = pricedLook(look, prices, await loadOffers(storage), ids, day)
    const id = jobs.start(withAlike(priced, prices, day), day)
    return reply.status(202).send({ id })
  })
  app.get('/api/plans/:id', { schema: { tags, summary: 'How far a plan is, or the plan' } }, (request: ById) => Promise.resolve(jobs.get(request.params.id)))
  app.delete('/api/plans/:id', { schema: { tags, summary: 'Cancel a plan in the making' } }, (request: ById, reply) => {
    jobs.cancel(request.params.id)
    return reply.status(204).send()
  })

  app.get('/api/looks/:id/claims', { schema: { tags, summary: 'Pieces that other occasions lay on days too near' } }, async (request: ById) => {
    const row = await loadLook(storage, request.params.id)
    const rows = await storage.dataSource.getRepository(LookEntity).find()
    const others = rows.filter((other) => other.occasionId !== row.occasionId).map((other) => ({ occasionId: other.occasionId, look: lookOf(other) }))
    return { claims: claimsOn(lookOf(row), others) }
  })
  app.get('/api/cupboard/uses', { schema: { tags, summary: 'How often each piece was laid and will be, by the looks kept' } }, async () => {
    const rows = await storage.dataSource.getRepository(LookEntity).find()
    const looks = rows.map((row) => ({ occasionId: row.occasionId, look: lookOf(row) }))
    return { day: prices.today(), uses: Object.fromEntries(usesOf(looks, prices.today())) }
  })
  done()
}
