import { operations, StartPlanDto } from '@hestiad/api'
import type { FastifyPluginCallback } from 'fastify'
import { linesToBuy, usesOf } from '@hestiad/core'
import { loadOffers } from '../cupboard/cupboardStore.js'
import { readDto } from '../http/dto.js'
import { route } from '../http/route.js'
import { lettersIn, lookFrom } from '../looks/checkedLook.js'
import { readLooks } from '../looks/lookStore.js'
import { pricedLook, withAlike } from '../shops/prices.js'
import type { PriceSource } from '../stand-ins/priceSource.js'
import type { Storage } from '../storage/openStorage.js'
import type { Workers } from '../work/workers.js'
import { createPlanJobs } from './planJobs.js'
import { createPlanner } from './planner.js'

/** Buying plans, made in a thread: started, asked after, canceled. And what occasions lay of the cupboard, ever. */
export const planRoutes: FastifyPluginCallback<{ storage: Storage; prices: PriceSource; workers: Workers }> = (app, { storage, prices, workers }, done) => {
  const planner = createPlanner()
  const jobs = createPlanJobs(planner)
  app.addHook('onClose', () => planner.close())

  route(app, operations.startPlan, async (request, reply) => {
    const dto = readDto(StartPlanDto, request.body)
    const day = dto.day ?? prices.today()
    const look = await lookFrom(workers, lettersIn(request), dto.look)
    const ids = new Set(linesToBuy(look).flatMap((line) => line.eligible))
    const priced = pricedLook(look, prices, await loadOffers(storage), ids, day)
    const id = jobs.start(withAlike(priced, prices, day), day)
    return reply.status(202).send({ id })
  })
  route(app, operations.getPlan, (request) => jobs.get(request.params['id']!))
  route(app, operations.cancelPlan, (request) => jobs.cancel(request.params['id']!))

  route(app, operations.cupboardUses, async () => {
    return { day: prices.today(), uses: Object.fromEntries(usesOf((await readLooks(storage)).open, prices.today())) }
  })
  done()
}
