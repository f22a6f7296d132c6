/** Every key of the application: what it does, its keys, and how the list of keys shows them. The words are `keys.list` of the messages. */
export const keyTable = [
  { act: 'nudge', keys: ['ArrowLeft', 'ArrowUp', 'ArrowRight', 'ArrowDown'], shown: '← ↑ → ↓' },
  { act: 'turn', keys: ['[', ']'], shown: '[ ]' },
  { act: 'takeOff', keys: ['Delete', 'Backspace'], shown: 'Delete' },
  { act: 'seat', keys: ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'], shown: '1 … 9, 0' },
  { act: 'turnTable', keys: ['t'], shown: 't' },
  { act: 'group', keys: ['g'], shown: 'g' },
  { act: 'lock', keys: ['l'], shown: 'l' },
  { act: 'mirror', keys: ['m'], shown: 'm' },
  { act: 'sit', keys: ['v'], shown: 'v' },
  { act: 'undo', keys: ['z'], shown: 'z, Ctrl Z' },
  { act: 'redo', keys: ['Z'], shown: 'Z, Ctrl Shift Z' },
  { act: 'search', keys: ['/'], shown: '/, Ctrl K' },
  { act: 'letGo', keys: ['Escape'], shown: 'Esc' },
  { act: 'help', keys: ['?'], shown: '?' }
] as const

export type KeyAct = (typeof keyTable)[number]['act']
/** What a part of the page does when a key of its is pressed; `false` says that it had nothing to do and leaves the key to others. */
export type KeyActs = Readonly<Partial<Record<KeyAct, (event: KeyboardEvent) => void | boolean>>>

const arrows: Readonly<Record<string, readonly [number, number]>> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }
/** Where an arrow points: to the right, and up. */
export const arrowOf = ({ key }: Pick<KeyboardEvent, 'key'>): readonly [number, number] => arrows[key] ?? [0, 0]
/** The number of a key; 0 is ten. */
export const numberOf = ({ key }: Pick<KeyboardEvent, 'key'>) => Number(key) || 10
/** With Shift a nudge goes four times as far. */
export const timesOf = ({ shiftKey }: Pick<KeyboardEvent, 'shiftKey'>) => (shiftKey ? 4 : 1)

/** What a key stands for; nothing while somebody types. Of the keys with Ctrl or Cmd those for undo, redo and search are ours, the rest the browser's. */
function actOf(event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'altKey' | 'shiftKey' | 'target'>): KeyAct | undefined {
  const typing = (event.target as Element | null)?.closest?.('input, select, textarea, [contenteditable], .el-select, .el-dialog')
  if (event.altKey) return undefined
  if (event.ctrlKey || event.metaKey) {
    if (event.key.toLowerCase() === 'k') return 'search'
    return typing || event.key.toLowerCase() !== 'z' ? undefined : event.shiftKey ? 'redo' : 'undo'
  }
  if (typing) return undefined
  return keyTable.find((line) => (line.keys as readonly string[]).includes(event.key))?.act
}

/** A listener for keys; what it takes is taken from the browser and from what lies below. */
export function onKeys(acts: KeyActs): (event: KeyboardEvent) => void {
  return (event) => {
    const act = actOf(event)
    const run = act && acts[act]
    if (!run || run(event) === false) return
    event.preventDefault()
    event.stopPropagation()
  }
}
