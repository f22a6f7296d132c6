import { findingKey, type BareFinding, type KindKey, type Look, type MirrorAxis } from '@hestiad/core'
import { computed, ref, type Ref } from 'vue'

/** What is chosen on the open look: pieces, the finding that is read, across what moves are mirrored. */
export function useSelection(look: Ref<Look | undefined>, findings: Ref<readonly BareFinding[]>) {
  const selected = ref<string | null>(null)
  /** Others chosen with it. */
  const also = ref<readonly string[]>([])
  /** Across what moving a piece moves its like at the mirror image; null when it does not. */
  const mirror = ref<MirrorAxis | null>(null)
  /** Which kind of setting is looked at. */
  const settingKind = ref<KindKey>('A')
  const openFinding = ref<string | null>(null)
  const chosen = computed(() =>
    (selected.value === null ? [] : [selected.value, ...also.value]).filter((one) => look.value?.centerpiece.some((placed) => placed.id === one))
  )
  const shown = computed(() => findings.value.find((finding) => findingKey(finding) === openFinding.value))

  /** Chooses a piece, or with `more` one more, or lets that go. */
  function choose(id: string | null, more = false): void {
    if (!more || selected.value === null || id === null) {
      if (selected.value !== id) also.value = []
      selected.value = id
    } else if (also.value.includes(id)) also.value = also.value.filter((one) => one !== id)
    else if (id !== selected.value) also.value = [...also.value, id]
  }

  function chooseNothing(): void {
    choose(null)
    openFinding.value = null
  }
  return { selected, also, mirror, settingKind, openFinding, chosen, shown, choose, chooseNothing }
}
