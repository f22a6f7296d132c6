<script setup lang="ts">
import { moods, type Mood } from '@hestiad/core'
import { useI18n } from 'vue-i18n'

/** Words for how it is to feel; any number of them. */
const chosen = defineModel<readonly Mood[]>({ required: true })
defineProps<{ suggested?: readonly Mood[] }>()
const { t } = useI18n()

function toggle(mood: Mood): void {
  chosen.value = chosen.value.includes(mood) ? chosen.value.filter((one) => one !== mood) : [...chosen.value, mood]
}
</script>

<template>
  <div class="field">
    <span class="label">{{ t('meant.moods') }}</span>
    <span class="row moods" role="group" :aria-label="t('meant.moods')">
      <el-check-tag v-for="mood in moods" :key="mood" :checked="chosen.includes(mood)" class="mood" @change="toggle(mood)">{{
        t(`meant.mood.${mood}`)
      }}</el-check-tag>
    </span>
    <span v-if="suggested?.length" class="row moods soft small"
      >{{ t('meant.suggests') }}
      <el-button v-for="mood in suggested" :key="mood" class="plain link" @click="toggle(mood)">{{ t(`meant.mood.${mood}`) }}</el-button></span
    >
  </div>
</template>

<style scoped>
.moods {
  flex-wrap: wrap;
  gap: 6px;
}
</style>
