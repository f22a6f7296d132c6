<script setup lang="ts">
import { changeIntent, colorName, type ColorCap, type Look } from '@hestiad/core'
import { Plus, X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ColorField from '../shell/ColorField.vue'
import CountField from '../shell/CountField.vue'
import { useLook } from '../stores/lookStore.js'

/** Colors that are welcome in small spots only, each with how much of what is seen it may be. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const MOST = 12
const FIRST: ColorCap = { color: '#4a3427', mostPercent: 3 }
const caps = computed(() => props.look.intent.caps)
const set = (next: readonly ColorCap[]) => store.run(changeIntent, { caps: next })
const setOne = (at: number, part: Partial<ColorCap>) => set(caps.value.map((one, i) => (i === at ? { ...one, ...part } : one)))
</script>

<template>
  <div class="stack">
    <ul v-if="caps.length > 0" class="entries">
      <li v-for="(cap, i) in caps" :key="i">
        <ColorField bare :label="t('meant.capColor', { n: i + 1 })" :model-value="cap.color" @update:model-value="setOne(i, { color: $event })" />
        <span>{{ colorName(cap.color) }}</span>
        <CountField :label="t('meant.capMost')" :model-value="cap.mostPercent" :min="1" :max="100" @update:model-value="setOne(i, { mostPercent: $event })" />
        <el-button class="plain" :aria-label="t('meant.capDrop', { color: colorName(cap.color) })" @click="set(caps.filter((_, at) => at !== i))"
          ><X :size="16" aria-hidden="true"
        /></el-button>
      </li>
    </ul>
    <p class="row">
      <el-button v-if="caps.length < MOST" size="small" @click="set([...caps, FIRST])"
        ><Plus :size="14" aria-hidden="true" /> {{ t('meant.capAdd') }}</el-button
      >
      <span v-if="caps.length > 0" class="soft small">{{ t('meant.capsSay') }}</span>
    </p>
  </div>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: auto minmax(60px, 1fr) auto auto;
  gap: 10px;
  align-items: end;
}

p {
  flex-wrap: wrap;
  margin: 0;
}
</style>
