import { roomStages } from '@hestiad/core'
import { computed, ref, shallowRef } from 'vue'
import { api } from '../api/calls.js'
import type { Body, Dto } from '../api/client.js'

export type Idea = Dto<'Idea'>
export type IdeaFields = Body<'putIdea'>

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

  const list = () => all.value ?? []
  const without = (id: string) => list().filter((one) => one.id !== id)
  /** The newest first; of one moment the one that came last. */
  const having = (idea: Idea) => [idea, ...without(idea.id)].sort((a, b) => b.createdAtMs - a.createdAtMs)
  const fieldsOf = ({ id: _id, createdAtMs: _at, ...fields }: Idea): IdeaFields => fields

  /** Shows one as it will be and writes it; refused it is shown as it was, and whatever else was written meanwhile stays. */
  async function write(id: string, next: Idea | undefined, work: () => Promise<unknown>): Promise<boolean> {
    const before = list().find((one) => one.id === id)
    const show = (idea: Idea | undefined) => (all.value = idea ? having(idea) : without(id))
    show(next)
    problem.value = ''
    try {
      await work()
      return true
    } catch (error) {
      show(before)
      problem.value = (error as Error).message
      return false
    }
  }

  const put = (idea: Idea) => write(idea.id, idea, () => api.putIdea(idea.id, fieldsOf(idea)))
  const add = (fields: IdeaFields) => {
    const idea = { ...fields, id: crypto.randomUUID(), createdAtMs: Date.now() }
    return write(idea.id, idea, async () => {
      const kept = await api.putIdea(idea.id, fields)
      // the moment it is kept under is the server's
      all.value = list().map((one) => (one.id === idea.id ? { ...one, createdAtMs: kept.createdAtMs } : one))
    })
  }
  const change = (idea: Idea, part: Partial<IdeaFields>) => put({ ...idea, ...part })
  const dropPhoto = ({ photoId: _photo, ...idea }: Idea) => put(idea)
  const remove = async (idea: Idea) => {
    if (await write(idea.id, undefined, () => api.removeIdea(idea.id))) removed.value = idea
  }
  const takeBack = async () => {
    const idea = removed.value
    if (idea && (await put(idea))) removed.value = undefined
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
    /** What found another place, the newest first. */
    moved: computed(() => (all.value ?? []).filter((one) => one.kind === 'moved')),
    load,
    add,
    change,
    dropPhoto,
    remove,
    takeBack
  }
}
