<script setup lang="ts">
import { seatEdit, seatingNow, type Look, type Seating } from '@hestiad/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'

/** How far everybody's wishes are met as they sit, and a better seating when there is one. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const now = computed(() => seatingNow(props.look))
const found = shallowRef<Seating>()
const busy = ref(false)
watch(
  () => props.look.guests,
  () => (found.value = undefined)
)
const better = computed(() => found.value && found.value.score > now.value.score + 1e-6)
const nameOf = (id: string | null) => props.look.guests.find((guest) => guest.id === id)?.name ?? ''
const round = (score: number) => Math.round(score * 10) / 10
const moved = computed(() => found.value?.order.filter((guest, i) => guest.id !== props.look.guests[i]?.id).map((guest) => guest.name) ?? [])
const state = (degree: number) => (degree > 0.85 ? 'met' : degree > 0.35 ? 'half' : 'unmet')
const order = { unmet: 0, half: 1, met: 2 }
const wishes = computed(() => [...now.value.wishes].sort((a, b) => order[state(a.degree)] - order[state(b.degree)]))
const degreeThen = (wish: Seating['wishes'][number]) =>
  found.value?.wishes.find((one) => one.kind === wish.kind && one.guestId === wish.guestId && one.otherId === wish.otherId)?.degree

async function seek(): Promise<void> {
  busy.value = true
  found.value = await store.findSeating()
  busy.value = false
}
</script>

<template>
  <section class="stack" :aria-label="t('seats.who')">
    <h3>{{ t('seats.who') }}</h3>
    <p v-if="now.wishes.length === 0" class="soft small">{{ t('seats.noWishes') }}</p>
    <template v-else>
      <p class="row between">
        <strong>{{ t('seats.score', { score: round(now.score), most: now.most }) }}</strong>
        <el-button size="small" :loading="busy" @click="seek">{{ t('seats.anew') }}</el-button>
      </p>
      <div v-if="found" class="found small" role="status">
        <template v-if="better">
          {{ t('seats.better', { score: round(found.score), most: found.most }) }}
          <span class="soft">{{ t('seats.changed', { names: moved.join(', ') }) }}</span>
          <el-button size="small" type="primary" @click="store.run(seatEdit, found)">{{ t('seats.take') }}</el-button>
        </template>
        <template v-else>{{ t('seats.best') }}</template>
      </div>
      <ul class="lines small">
        <li v-for="(wish, i) in wishes" :key="i">
          <span>{{ t(`seats.wish.${wish.kind}`, { name: nameOf(wish.guestId), other: nameOf(wish.otherId) }) }}</span>
          <span :class="state(wish.degree)"
            >{{ t(`seats.${state(wish.degree)}`)
            }}<template v-if="better && state(degreeThen(wish) ?? 0) !== state(wish.degree)">
              → {{ t(`seats.${state(degreeThen(wish) ?? 0)}`) }}</template
            ></span
          >
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
p,
h3 {
  margin: 0;
}

.found {
  display: grid;
  gap: 6px;
  justify-items: start;
  padding: 8px 10px;
  border-radius: var(--radius);
  background: var(--moss-soft);
}

.unmet {
  color: var(--ember);
  font-weight: 600;
}

.met {
  color: var(--moss);
}
</style>
