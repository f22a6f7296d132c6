import { setGuestCount, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'

/** How many come, changed in one step, and what follows from so many. */
export function useGuestCount(look: () => Look) {
  const store = useLook()
  const { t } = useI18n()
  const count = computed({
    get: () => look().guests.length,
    set: (wanted: number) => store.run(setGuestCount, wanted, (n) => t('seats.guestName', { n }))
  })
  const follows = computed(() => {
    const { figures } = store
    if (!figures) return []
    const { capacity } = figures.seats
    const short = figures.money.lines.filter((line) => !line.skipped && line.need.perGuest > 0)
    return [
      t('brief.capacity', { ...capacity }),
      short.length === 0
        ? t('brief.nothingShort')
        : t('brief.shortOf', { pieces: short.map((line) => `${line.need.short} × ${line.need.piece.name}`).join(', ') })
    ]
  })
  return { count, follows }
}
