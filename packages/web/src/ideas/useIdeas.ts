import { computed, ref, shallowRef } from 'vue'
import { api } from '../api/calls.js'
import type { Body, Dto } from '../api/client.js'

export type Idea = Dto<'Idea'>
export type IdeaFields = Body<'putIdea'>
export const roomStages = ['fixed', 'furniture', 'textile', 'table'] as const

/** Ideas and what there is to do in the rooms: shown at once, kept on the server; what is refused is shown as it was, with the reason. */
export function useIdeas() {
  const all = shallowRef<readonly Idea[]>()
  const failed = ref(false)
  const problem = ref('')
  const removed = shallowRef<Idea>()

  async function load(): Promise<void> {
    failed.value = false
    try {
      all.value = (await api.listIdeas()).ideas
    } catch {
      failed.value = true
    }
  }

  async function written(work: () => Promise<unknown>, next: readonly Idea[]): Promise<void> {
    const before = all.value
    all.value = next
    problem.value = ''
    try {
      await work()
    } catch (error) {
      all.value = before
      problem.value = (error as Error).message
    }
  }

  const fieldsOf = ({ id: _id, createdAtMs: _at, ...fields }: Idea): IdeaFields => fields
  const add = (fields: IdeaFields) => {
    const idea = { ...fields, id: crypto.randomUUID(), createdAtMs: Date.now() }
    // the moment it is kept under is the server's
    const put = async () => {
      const kept = await api.putIdea(idea.id, fields)
      all.value = (all.value ?? []).map((one) => (one.id === idea.id ? { ...one, createdAtMs: kept.createdAtMs } : one))
    }
    return written(put, [idea, ...(all.value ?? [])])
  }
  const change = (idea: Idea, part: Partial<IdeaFields>) => {
    const next = { ...idea, ...part }
    return written(
      () => api.putIdea(idea.id, fieldsOf(next)),
      (all.value ?? []).map((one) => (one.id === idea.id ? next : one))
    )
  }
  const remove = async (idea: Idea) => {
    removed.value = idea
    await written(
      () => api.removeIdea(idea.id),
      (all.value ?? []).filter((one) => one.id !== idea.id)
    )
  }
  const takeBack = async () => {
    const idea = removed.value
    removed.value = undefined
    if (idea) await written(() => api.putIdea(idea.id, fieldsOf(idea)), [idea, ...(all.value ?? [])])
  }

  return {
    all,
    failed,
    problem,
    removed,
    seen: computed(() => (all.value ?? []).filter((one) => one.kind === 'idea')),
    /** What there is to do, by stage: what is fixed comes before what stands, lies and is laid. */
    rooms: computed(() =>
      roomStages.map((stage) => ({ stage, list: (all.value ?? []).filter((one) => one.kind === 'room' && (one.stage ?? 'fixed') === stage).reverse() }))
    ),
    load,
    add,
    change,
    remove,
    takeBack
  }
}
