import { layPlan, plannedSums, type Blocked } from '@hestiad/core'
import { onUnmounted, ref, shallowRef } from 'vue'
import { api } from '../api/calls.js'
import type { PlanJob } from '../api/client.js'
import { useLook } from '../stores/lookStore.js'

const ASK_EVERY_MS = 150

type Done = Extract<PlanJob, { state: 'done' }>

/** Makes a buying plan on the server and lays it into the look when it is done; canceled, the look stays as it was. */
export function usePlan() {
  const store = useLook()
  const job = shallowRef<PlanJob>()
  const problem = ref('')
  let id = ''
  let gone = false
  onUnmounted(() => {
    gone = true
    if (job.value?.state === 'running') void cancel()
  })

  async function make(): Promise<void> {
    if (!store.look) return
    problem.value = ''
    job.value = { state: 'running', elapsedMs: 0 }
    try {
      id = (await api.startPlan({ look: store.look })).id
      do {
        await new Promise((done) => setTimeout(done, ASK_EVERY_MS))
        if (gone) return
        job.value = await api.getPlan(id)
      } while (job.value.state === 'running')
      if (job.value.state === 'done') lay(job.value)
      if (job.value.state === 'failed') problem.value = job.value.message
    } catch (error) {
      problem.value = (error as Error).message
      job.value = undefined
    }
  }

  function lay({ day, offers, shops, alike, plan }: Done): void {
    if (!store.look) return
    const orders = plan.orders.map((one) => one.order)
    const laid = { ...store.look, offers, shops, pieces: [...store.look.pieces, ...alike], buying: { ...store.look.buying, orders } }
    store.run(layPlan, { day, offers, shops, alike, orders, planned: plannedSums(laid, day) })
  }

  async function cancel(): Promise<void> {
    if (id) await api.cancelPlan(id).catch(() => undefined)
  }

  const blocked = (): readonly Blocked[] => (job.value?.state === 'done' ? job.value.blocked : [])
  return { job, problem, make, cancel, blocked }
}
