import { applyEdit, lookHash, makeEdit, noHistory, type Look } from '@hestiad/core'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '../src/api/calls.js'
import { editElsewhere } from '../src/stores/editElsewhere.js'
import { keptList } from '../src/stores/keptList.js'
import { shelfOf } from '../src/shops/shelf.js'
import { askOnce } from '../src/workers/asked.js'
import { demo } from './support/assessorHere.js'
import { freshPage } from './support/openLook.js'

beforeEach(() => freshPage())
afterEach(() => {
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
})

describe('a worker that is asked once', () => {
  class FakeWorker {
    onmessage: ((event: { data: unknown }) => void) | null = null
    onerror: ((event: { message: string }) => void) | null = null
    readonly posted: unknown[] = []
    ended = 0
    postMessage(message: unknown) {
      this.posted.push(message)
    }
    terminate() {
      this.ended++
    }
  }
  const asking = () => {
    const worker = new FakeWorker()
    const heard: unknown[] = []
    const asked = askOnce(worker as unknown as Worker, { question: 1 }, (word: { last?: string; step?: number }) => {
      heard.push(word)
      return word.last
    })
    return { worker, heard, asked, says: (data: unknown) => worker.onmessage!({ data }) }
  }

  it('tells every word, answers with the last and is ended by it', async () => {
    const { worker, heard, asked, says } = asking()
    expect(worker.posted).toEqual([{ question: 1 }])
    says({ step: 1 })
    says({ step: 2 })
    expect(worker.ended).toBe(0)
    says({ last: 'done' })
    expect(await asked.answer).toBe('done')
    expect(heard).toEqual([{ step: 1 }, { step: 2 }, { last: 'done' }])
    expect(worker.ended).toBe(1)
  })

  it('canceled, is ended at once and answers nothing; what it says afterward changes that no more', async () => {
    const { worker, asked, says } = asking()
    says({ step: 1 })
    asked.cancel()
    says({ last: 'too late' })
    expect(await asked.answer).toBeUndefined()
    expect(worker.ended).toBeGreaterThan(0)
  })

  it('that breaks says why and is ended', async () => {
    const { worker, asked } = asking()
    worker.onerror!({ message: 'out of memory' })
    await expect(asked.answer).rejects.toThrow('out of memory')
    expect(worker.ended).toBe(1)
  })
})

describe('an edit on a look that is not open', () => {
  const answer = { id: 'other', occasionId: 'o', revision: 7, hash: lookHash(demo), look: demo, history: noHistory }

  it('is made on the look as the server has it, at its revision, with the fingerprint of what comes of it', async () => {
    vi.spyOn(api, 'getLook').mockResolvedValue(answer as never)
    const save = vi.spyOn(api, 'saveEdits').mockResolvedValue({} as never)
    const rename = (look: Look) => makeEdit(look, 'rename', (draft) => void (draft.name = `${look.name}, kept`))
    await editElsewhere('other', rename)
    const [id, sent] = save.mock.calls[0]!
    expect([id, sent.base, sent.edits.length]).toEqual(['other', 7, 1])
    expect(sent.hash).toBe(lookHash(applyEdit(demo, rename(demo))))
    expect(sent.edits[0]).not.toHaveProperty('inverse')
    expect(sent.edits[0]).toMatchObject({ kind: 'edit', what: 'rename', patches: [{ op: 'replace', path: ['name'] }] })
  })

  it('that changes nothing is not sent', async () => {
    vi.spyOn(api, 'getLook').mockResolvedValue(answer as never)
    const save = vi.spyOn(api, 'saveEdits').mockResolvedValue({} as never)
    await editElsewhere('other', (look) => makeEdit(look, 'rename', (draft) => void (draft.name = look.name)))
    expect(save).not.toHaveBeenCalled()
  })
})

describe('what the shops sell of some kinds', () => {
  it('is asked for the day of the look’s prices, kind by kind, and is all their pieces with all their offers', async () => {
    const [one, two] = demo.pieces
    const offers = demo.offers.slice(0, 3)
    const list = vi.spyOn(api, 'listArticles').mockImplementation(((query: { kind: string }) =>
      Promise.resolve({
        articles: query.kind === 'vessel' ? [{ piece: one, offers: offers.slice(0, 2) }] : [{ piece: two, offers: offers.slice(2) }]
      })) as never)
    const look = { ...demo, buying: { ...demo.buying, pricesOn: '2027-01-18' } }
    expect(await shelfOf(look, ['vessel', 'holder'])).toEqual({ pieces: [one, two], offers })
    expect(list.mock.calls).toEqual([[{ kind: 'vessel', day: '2027-01-18' }], [{ kind: 'holder', day: '2027-01-18' }]])
    list.mockRejectedValue(new Error('away'))
    await expect(shelfOf(look, ['vessel'])).rejects.toThrow('away')
  })
})

describe('a list this browser keeps', () => {
  it('is what of it is sound, and empty where it was never kept, is none, or cannot be read', () => {
    const numbers = (one: unknown) => (typeof one === 'number' ? [one] : [])
    const kept = (text: string | null) => {
      if (text === null) localStorage.removeItem('list')
      else localStorage.setItem('list', text)
      return keptList('list', numbers)
    }
    expect(kept('[1,"two",3,null]')).toEqual([1, 3])
    for (const text of [null, '{"a":1}', '"text"', '[1,', 'null']) expect(kept(text), String(text)).toEqual([])
    vi.stubGlobal('localStorage', { getItem: () => { throw new Error('not allowed') } }) // prettier-ignore
    expect(keptList('list', numbers)).toEqual([])
  })
})
