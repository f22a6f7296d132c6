<script setup lang="ts">
import { colorGroups, colorName, type ColorGroup, type Look, type SeenPart } from '@hestiad/core'
import { watchDebounced } from '@vueuse/core'
import { computed, onUnmounted, ref, shallowRef, toRaw } from 'vue'
import { useI18n } from 'vue-i18n'
import { percent } from '../findings/findingWords.js'
import SelectField from '../shell/SelectField.vue'
import type { Asked } from '../workers/asked.js'
import ShareStrip from './ShareStrip.vue'

/** The same colors as one guest sees them from the chair: what stands is larger, what lies is smaller than from above. */
const props = defineProps<{ look: Look; above: readonly ColorGroup[] }>()
const { t } = useI18n()
const STILL_MS = 300
/** A color that a guest sees more or less of than one from above by so many points is named. */
const TOLD = 0.03
const seat = ref<string | null>(null)
const pointed = ref<string>()
const parts = shallowRef<readonly SeenPart[]>()
const failed = ref(false)
let asked: Asked<readonly SeenPart[]> | undefined

const seats = computed(() => props.look.guests.map((guest, i) => ({ value: String(i), label: t('colors.seat', { n: i + 1, name: guest.name }) })))
watchDebounced(
  [seat, () => props.look],
  async () => {
    asked?.cancel()
    const at = Number(seat.value)
    if (seat.value === null || at >= props.look.guests.length) return (parts.value = undefined)
    const { colorsFromSeat } = await import('../workers/looks.js')
    const own = colorsFromSeat({ kind: 'seat', look: toRaw(props.look), seat: at })
    asked = own
    failed.value = false
    const seen = await own.answer.catch(() => ((failed.value = true), undefined))
    if (seen && asked === own) parts.value = seen
  },
  { debounce: STILL_MS }
)
onUnmounted(() => asked?.cancel())

const groups = computed(() => (parts.value ? colorGroups(parts.value) : []))
/** Colors of which this guest sees clearly more or less than one does from above. */
const differ = computed(() =>
  groups.value.flatMap((group) => {
    const above = props.above.find((one) => one.color === group.color)?.share ?? 0
    return Math.abs(group.share - above) >= TOLD ? [{ color: group.color, share: group.share, above }] : []
  })
)
</script>

<template>
  <div class="stack">
    <SelectField
      :label="t('colors.fromSeat')"
      :model-value="seat"
      :choices="seats"
      :none="t('colors.fromAbove')"
      @update:model-value="seat = $event"
      @none="seat = null"
    />
    <p v-if="failed" class="bad tidy" role="alert">{{ t('colors.seatFailed') }}</p>
    <template v-else-if="seat !== null">
      <el-skeleton v-if="!parts" :rows="1" animated />
      <template v-else>
        <ShareStrip v-model="pointed" :groups="groups" />
        <ul class="lines small">
          <li v-for="one in differ" :key="one.color">
            {{ t('colors.seatDiffers', { color: colorName(one.color), share: percent(one.share), above: percent(one.above) }) }}
          </li>
        </ul>
        <p v-if="differ.length === 0" class="soft small tidy">{{ t('colors.seatAlike') }}</p>
      </template>
    </template>
  </div>
</template>
