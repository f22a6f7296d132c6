import { findingKey, newPlaced, type BareFinding, type JournalEdit, type Look } from '@hestiad/core'
import { ref, shallowRef } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { demoLook } from '../../core/test/support/looks.js'
import { isBegun } from '../src/shell/begun.js'
import { dayOf, formatDate, formatMoment } from '../src/shell/dates.js'
import { readListFile } from '../src/shell/readListFile.js'
import { steps } from '../src/shell/steps.js'
import { clearDraft, keepDraft, readDraft, setDraftAside } from '../src/stores/draft.js'
import { useSelection } from '../src/stores/selection.js'

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

  it('is a finding only as long as it is found', () => {
    const finding = { code: 'compose.flat', severity: 'note', at: { kind: 'table' } } as unknown as BareFinding
    const findings = ref<readonly BareFinding[]>([finding])
    const { openFinding, shown, chooseNothing } = useSelection(shallowRef<Look | undefined>(look), findings)
    openFinding.value = findingKey(finding)
    expect(shown.value).toEqual(finding)
    findings.value = []
    expect(shown.value).toBeUndefined()
    chooseNothing()
    expect(openFinding.value).toBeNull()
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

  it('and cannot be read keeps no look from opening: it is moved out of the way and not thrown away', () => {
    for (const text of ['{"base":3,"edits":[', 'null', '[]', '{"base":"3","edits":[]}', '{"base":3}']) {
      kept.clear()
      kept.set('edits:one', text)
      expect(readDraft('one'), text).toBeUndefined()
      expect([...kept.values()], text).toEqual([text])
      expect(kept.has('edits:one')).toBe(false)
    }
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
    const vessel = newPlaced('a', 'jug-sky')
    const empty = { ...vessel, arrangement: { stems: [], riseMm: 100, spreadMm: 100, mechanics: null } }
    expect(begun({ ...bare, centerpiece: [empty] })).toEqual(['brief', 'seats', 'centerpiece'])
    expect(begun({ ...bare, linens: { ...bare.linens, matId: 'mat-sea' } })).toEqual(['brief', 'seats', 'linens'])
    expect(begun(look)).toEqual(expect.arrayContaining(['centerpiece', 'florals', 'light', 'menu']))
  })
})

describe('days and lists', () => {
  // 6 February 2027 is a Saturday: any calendar
  it('days are said with their name, whatever the hour where this browser is', () => {
    expect(formatDate('2027-02-06')).toBe('Sat 6 Feb')
    expect(formatDate('2028-02-29')).toBe('Tue 29 Feb')
    expect(dayOf(new Date(2027, 10, 30, 23, 59, 59).getTime())).toBe('2027-11-30')
    expect(formatMoment(new Date(2027, 1, 6, 0, 30).getTime(), 24)).toBe('6 Feb 2027, 00:30')
    const noon = new Date(2027, 1, 6, 13, 5).getTime()
    expect(formatMoment(noon, 24)).toBe('6 Feb 2027, 13:05')
    expect(formatMoment(noon, 12)).toMatch(/^6 Feb 2027, 1:05\spm$/)
  })

  it('lists are read as UTF-8, or else as spreadsheets of western Europe write them', async () => {
    expect(await readListFile(new Blob(['Schüssel;3']))).toBe('Schüssel;3')
    expect(await readListFile(new Blob([Uint8Array.from([0x53, 0x63, 0x68, 0xfc, 0x73, 0x73, 0x65, 0x6c])]))).toBe('Schüssel')
  })
})
