import { shallowRef, watch, type Ref } from 'vue'
import { afterFrame } from './afterFrame.js'

/** A value some pictures behind, for drawings that may come after the one that is worked on, so that no key waits for all of them. */
export function later<T>(source: () => T, pictures: number): Readonly<Ref<T>> {
  const shown = shallowRef(source())
  watch(source, async (value) => {
    for (let i = 0; i < pictures; i++) await afterFrame()
    // only the newest is drawn
    if (source() === value) shown.value = value
  })
  return shown
}
