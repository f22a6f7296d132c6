import type { StandingPiece } from '@hestiad/core'
import { ref } from 'vue'
import { useLook } from '../stores/lookStore.js'

/** Puts pieces on the table where there is room, and says when there was none. */
export function usePutting() {
  const store = useLook()
  const noRoom = ref(false)
  let putting = Promise.resolve()

  /** One after the other: what is pressed while the room of another is still looked for finds its own afterwards. */
  function put(piece: StandingPiece): Promise<void> {
    const lookId = store.id
    putting = putting.catch(() => undefined).then(() => putOne(piece, lookId))
    return putting
  }

  async function putOne(piece: StandingPiece, lookId: string): Promise<void> {
    const before = store.selected
    while (store.id === lookId) {
      const look = store.look
      const { edit, id, free } = await store.findSpot(piece)
      // the table was changed meanwhile: its room is looked for anew
      if (store.look !== look) continue
      noRoom.value = !free
      store.apply(edit)
      if (store.selected === before) store.selected = id
      return
    }
  }
  return { put, noRoom }
}
