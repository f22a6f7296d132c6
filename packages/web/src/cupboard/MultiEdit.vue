<script setup lang="ts">
import { firstCares, seasons, type CupboardItem, type FirstCare, type Season } from '@hestiad/core'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'

/** One change for several pieces; what is left alone stays as it is on each. */
const props = defineProps<{ items: readonly CupboardItem[] }>()
const emit = defineEmits<{ change: [items: CupboardItem[]] }>()
const shown = defineModel<boolean>({ required: true })
const { t } = useI18n()
const kept = ref('')
const season = ref<Season | ''>('')
const care = ref<FirstCare | '' | 'none'>('')

function apply(): void {
  emit(
    'change',
    props.items.map(({ piece, facts }) => ({
      piece: {
        ...piece,
        kept: kept.value.trim() === '' ? piece.kept : kept.value.trim(),
        first: care.value === '' ? piece.first : care.value === 'none' ? [] : [...new Set([...piece.first, care.value])]
      },
      facts: { ...facts, seasons: season.value === '' ? facts.seasons : [...new Set([...facts.seasons, season.value])] }
    }))
  )
  shown.value = false
}
</script>

<template>
  <el-dialog v-model="shown" :title="t('cupboard.chosen', { n: items.length })" width="420">
    <div class="stack">
      <div class="field">
        <label for="multi-kept">{{ t('cupboard.keptAs') }}</label>
        <input id="multi-kept" v-model="kept" class="native" maxlength="200" :placeholder="t('cupboard.leave')" />
      </div>
      <div class="field">
        <label for="multi-season">{{ t('cupboard.seasonAs') }}</label>
        <select id="multi-season" v-model="season" class="native">
          <option value="">{{ t('cupboard.leave') }}</option>
          <option v-for="one in seasons" :key="one" :value="one">{{ t(`cupboard.values.${one}`) }}</option>
        </select>
      </div>
      <div class="field">
        <label for="multi-care">{{ t('cupboard.careAs') }}</label>
        <select id="multi-care" v-model="care" class="native">
          <option value="">{{ t('cupboard.leave') }}</option>
          <option value="none">{{ t('cupboard.nothing') }}</option>
          <option v-for="one in firstCares" :key="one" :value="one">{{ t(`cupboard.care.${one}`) }}</option>
        </select>
      </div>
      <el-button type="primary" @click="apply">{{ t('cupboard.apply', { n: items.length }) }}</el-button>
    </div>
  </el-dialog>
</template>
