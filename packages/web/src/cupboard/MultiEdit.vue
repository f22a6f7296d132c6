<script setup lang="ts">
import SelectField from '../shell/SelectField.vue'
import TextField from '../shell/TextField.vue'
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
      <TextField v-model="kept" :label="t('cupboard.keptAs')" :placeholder="t('cupboard.leave')" />
      <SelectField
        :label="t('cupboard.seasonAs')"
        :model-value="season || null"
        :none="t('cupboard.leave')"
        :choices="seasons.map((value) => ({ value, label: t(`cupboard.values.${value}`) }))"
        @update:model-value="season = $event"
        @none="season = ''"
      />
      <SelectField
        :label="t('cupboard.careAs')"
        :model-value="care || null"
        :none="t('cupboard.leave')"
        :choices="[{ value: 'none' as const, label: t('cupboard.nothing') }, ...firstCares.map((value) => ({ value, label: t(`cupboard.care.${value}`) }))]"
        @update:model-value="care = $event"
        @none="care = ''"
      />
      <el-button type="primary" @click="apply">{{ t('cupboard.apply', { n: items.length }, items.length) }}</el-button>
    </div>
  </el-dialog>
</template>
