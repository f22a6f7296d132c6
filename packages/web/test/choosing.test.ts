import { newPlaced, type JournalEdit, type Look } from '@hestiad/core'
import { ref, shallowRef } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { demoLook } from '../../core/test/support/looks.js'
import { inHtml } from '../src/shell/inHtml.js'
import { isBegun } from '../src/shell/begun.js'
import { formatDate, formatMoment } from '../src/shell/dates.js'
import { readListFile } from '../src/shell/readListFile.js'
import { steps } from '../src/shell/steps.js'
import { clearDraft, keepDraft, readDraft, setDraftAside } from '../src/stores/draft.js'
import { useSelection } from '../src/stores/selection.js'
import { readBought, takeAlongHtml, type AlongLine } from '../src/buying/takeAlong.js'
import { dragging } from '../src/board/dragging.js'

const look = demoLook()

describe('what is chosen', () => {
  const chosenOf = (centerpiece: Look['centerpiece']) => useSelection(shallowRef<Look | undefined>({ ...look, centerpiece }), ref([]))

  it('is one piece, or with a key more, each let go by choosing it again; nothing lets all go', () => {
    const { choose, chosen, selected, chooseNothing } = chosenOf([newPlaced('a', 'x'), newPlaced('b', 'x'), newPlaced('c', 'x')])
    choose('a')
    choose('b', true)
    choose('c', true)
    expect(chosen.value).toEqual(['a', 'b', 'c'])
    choose('b', true)
    expect(chosen.value).toEqual(['a', 'c'])
    choose('a', true)
    expect(chosen.value).toEqual(['a', 'c'])
    choose('b')
    expect(chosen.value).toEqual(['b'])
    chooseNothing()
    expect([chosen.value, selected.value]).toEqual([[], null])
  })

  it('is never a piece that is off the table', () => {
    const held = shallowRef<Look | undefined>({ ...look, centerpiece: [newPlaced('a', 'x'), newPlaced('b', 'x')] })
    const { choose, chosen } = useSelection(held, ref([]))
    choose('a')
    choose('b', true)
    held.value = { ...look, centerpiece: [newPlaced('b', 'x')] }
    expect(chosen.value).toEqual(['b'])
    held.value = undefined
    expect(chosen.value).toEqual([])
  })
})

describe('what is not yet on the server', () => {
  const kept = new Map<string, string>()
  const edit = { id: 'e', of: 'e', what: 'brief', kind: 'edit', patches: [], inverse: [] } as unknown as JournalEdit
  beforeEach(() => {
    kept.clear()
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
      removeItem: (key: string) => void kept.delete(key)
    })
  })

  it('is kept look by look, read back as it was, and gone once it is saved', () => {
    keepDraft('one', { base: 4, edits: [edit] })
    keepDraft('two', { base: 9, edits: [] })
    expect(readDraft('one')).toEqual({ base: 4, edits: [edit] })
    clearDraft('one')
    expect([readDraft('one'), readDraft('two')]).toEqual([undefined, { base: 9, edits: [] }])
  })

  it('that fits no more is set aside and not lost, and there is room for newer edits', () => {
    keepDraft('one', { base: 4, edits: [edit] })
    setDraftAside('one')
    expect(readDraft('one')).toBeUndefined()
    const [aside] = [...kept.entries()]
    expect(aside![0]).toMatch(/^edits:one:aside:\d+$/)
    expect(JSON.parse(aside![1])).toEqual({ base: 4, edits: [edit] })
    setDraftAside('one')
    expect(kept.size).toBe(1)
  })

  it('where the browser has no room leaves no half of it behind', () => {
    keepDraft('one', { base: 1, edits: [] })
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: () => {
        throw new Error('QuotaExceededError')
      },
      removeItem: (key: string) => void kept.delete(key)
    })
    keepDraft('one', { base: 2, edits: [edit] })
    expect(readDraft('one')).toBeUndefined()
  })
})

describe('steps', () => {
  it('of a bare look are not begun but for the brief and the seats; each is begun by its own work and no other', () => {
    const bare: Look = {
      ...look,
      menu: { ...look.menu, dishes: [] },
      linens: { ...look.linens, clothId: null, runner: null, matId: null },
      setting: { ...look.setting, plateIds: [] },
      centerpiece: [],
      buying: { ...look.buying, orders: [], bought: [] }
    }
    const begun = (one: Look) => steps.filter((step) => isBegun(one, step))
    expect(begun(bare)).toEqual(['brief', 'seats'])
    expect(begun({ ...bare, guests: [], occasion: { ...bare.occasion, title: '' } })).toEqual([])
    expect(begun({ ...bare, linens: look.linens })).toEqual(['brief', 'seats', 'linens'])
    expect(begun({ ...bare, setting: look.setting })).toEqual(['brief', 'seats', 'settings'])
    expect(begun({ ...bare, centerpiece: [newPlaced('a', 'jug-sky')] })).toEqual(['brief', 'seats', 'centerpiece'])
    expect(begun(look)).toEqual(expect.arrayContaining(['centerpiece', 'florals', 'light', 'menu']))
  })
})

describe('days and lists', () => {
  // 6 February 2027 is a Saturday: any calendar
  it('days are said with their name, whatever the hour where this browser is', () => {
    expect(formatDate('2027-02-06')).toBe('Sat 6 Feb')
    expect(formatDate('2028-02-29')).toBe('Tue 29 Feb')
    const noon = new Date(2027, 1, 6, 13, 5).getTime()
    expect(formatMoment(noon, 24)).toBe('6 Feb 2027, 13:05')
    expect(formatMoment(noon, 12)).toMatch(/^6 Feb 2027, 1:05\spm$/)
  })

  it('lists are read as UTF-8, or else as spreadsheets of western Europe write them', async () => {
    expect(await readListFile(new Blob(['Schüssel;3']))).toBe('Schüssel;3')
    expect(await readListFile(new Blob([Uint8Array.from([0x53, 0x63, 0x68, 0xfc, 0x73, 0x73, 0x65, 0x6c])]))).toBe('Schüssel')
  })
})

describe('the list on a phone', () => {
  const line = (part: Partial<AlongLine>): AlongLine => ({
    offerId: 'o1',
    pieceId: 'p1',
    shop: 'Halfpenny Barn',
    slot: 'ahead',
    pieces: 2,
    cents: 690,
    name: 'Plain tumbler',
    says: '2 of 4',
    color: '#aabbcc',
    price: '6.90',
    ...part
  })
  const words = { title: 'To buy', hint: 'Tick', got: 'Found', paid: 'Paid', save: 'Save', left: '{n} left' }

  it('has every line once, under its shop, and nothing in it runs that somebody typed', () => {
    const html = takeAlongHtml('look', [line({}), line({ offerId: 'o2', shop: 'The <b>Room</b>', name: '</script><script>alert(1)</script>' })], words, 2)
    expect(html.match(/type="checkbox"/g)).toHaveLength(2)
    expect(html.match(/<h2>/g)).toHaveLength(2)
    expect(html).not.toContain('alert(1)</script>')
    expect(html.match(/<\/script>/g)).toHaveLength(2)
    expect(html).toContain('The &lt;b&gt;Room&lt;/b&gt;')
    expect(html).not.toMatch(/https?:\/\//)
    expect(inHtml('"<&>\'')).not.toMatch(/["<>']/)
  })

  it('is read back where it is whole, and any other file is none', () => {
    const file = { format: 'hestiad-bought', lookId: 'look', day: '2027-01-21', bought: [{ offerId: 'o1', cents: 650 }] }
    expect(readBought(JSON.stringify(file))).toEqual(file)
    const others = [
      { ...file, format: 'else' },
      { ...file, day: 'soon' },
      { ...file, bought: [{ offerId: 'o1', cents: -1 }] },
      { ...file, bought: [{ offerId: 'o1', cents: 1.5 }] },
      { ...file, bought: [null] },
      { ...file, bought: {} }
    ]
    for (const other of others) expect(readBought(JSON.stringify(other))).toBeUndefined()
    expect(readBought('{')).toBeUndefined()
  })
})

describe('dragging', () => {
  const events = new EventTarget()
  const said: string[] = []
  const at = (type: string, x: number, y: number) => Object.assign(new Event(type), { clientX: x, clientY: y }) as unknown as PointerEvent
  const press = () =>
    dragging(at('pointerdown', 100, 100), {
      move: (dx, dy) => {
        said.push(`move ${dx} ${dy}`)
        return dx
      },
      drop: (last) => void said.push(`drop ${last}`),
      cancel: () => void said.push('cancel')
    })
  beforeEach(() => {
    said.length = 0
    vi.stubGlobal('window', events)
  })

  it('begins after three pixels and drops what it told last; a click does neither', () => {
    press()
    events.dispatchEvent(at('pointermove', 101, 101))
    events.dispatchEvent(at('pointerup', 101, 101))
    expect(said).toEqual([])
    press()
    events.dispatchEvent(at('pointermove', 104, 100))
    events.dispatchEvent(at('pointermove', 101, 100))
    events.dispatchEvent(at('pointerup', 101, 100))
    expect(said).toEqual(['move 4 0', 'move 1 0', 'drop 1'])
  })

  it('is canceled by Escape or a lost pointer, and hears nothing afterward', () => {
    press()
    events.dispatchEvent(at('pointermove', 110, 100))
    events.dispatchEvent(Object.assign(new Event('keydown'), { key: 'Tab' }))
    events.dispatchEvent(Object.assign(new Event('keydown'), { key: 'Escape' }))
    events.dispatchEvent(at('pointermove', 120, 100))
    events.dispatchEvent(at('pointerup', 120, 100))
    expect(said).toEqual(['move 10 0', 'cancel'])
  })
})
