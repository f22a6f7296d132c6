<script setup lang="ts">
import { colorFromWords, itemOfCells, materials, ownCells, pieceKinds, type CupboardItem, type ListColumn } from '@hestiad/core'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import CountField from '../shell/CountField.vue'
import SelectField from '../shell/SelectField.vue'
import TextField from '../shell/TextField.vue'
import { usePreferences } from '../stores/preferences.js'
import { freeId } from './kindFields.js'

/** A new piece in one go: its name tells the kind where it can, one size in the way people measure, the rest as usual; all else in its sheet afterwards. */
const props = defineProps<{ taken: ReadonlySet<string> }>()
const emit = defineEmits<{ add: [item: CupboardItem, open: boolean] }>()
const shown = defineModel<boolean>({ required: true })
const { t } = useI18n()
const preferences = usePreferences()
const given = reactive({ name: '', kind: '', owned: 1, color: '', material: '', size: '', kept: '' })

/** The same reader as for lists of one's own: this is a list of one row. */
const read = computed(() => {
  const row = { ...given, id: freeId(given.name, props.taken) }
  const columns = Object.keys(row) as (keyof typeof row & ListColumn)[]
  const header = columns.map((column) => `${column}:`)
  const map = Object.fromEntries(columns.map((column) => [`${column}:`, column]))
  const { cells, faults } = ownCells(
    header,
    columns.map((column) => String(row[column])),
    { map, units: { 'size:': preferences.unit } }
  )
  const isKind = (pieceKinds as readonly string[]).includes(cells.kind ?? '')
  const kind = isKind ? cells.kind! : null
  if (faults.length > 0 || !isKind) return { kind, faults: [...faults, ...(isKind ? [] : [{ column: 'kind', message: '' }])] }
  return { kind, ...itemOfCells(cells, 1), faults: [] }
})
const item = computed(() => (given.name !== '' && 'item' in read.value ? read.value.item : undefined))
const guessed = computed(() => (given.name === '' ? null : read.value.kind))
const faults = computed(() => (given.name === '' ? [] : read.value.faults))
const faultOf = (column: string) => faults.value.find((fault) => fault.column === column)?.message
const swatch = computed(() => colorFromWords(given.color))

function add(open: boolean): void {
  if (!item.value) return
  emit('add', item.value, open)
  Object.assign(given, { name: '', kind: '', size: '' })
  if (open) shown.value = false
}
</script>

<template>
  <el-dialog v-model="shown" :title="t('cupboard.add')" width="min(520px, 94vw)">
    <form class="stack" @submit.prevent="add(false)">
      <TextField v-model="given.name" live required :label="t('cupboard.name')" :placeholder="t('cupboard.newHint')" />
      <div class="pair">
        <SelectField
          :label="t('cupboard.kind')"
          :model-value="given.kind || guessed"
          :choices="pieceKinds.map((value) => ({ value, label: t(`kind.${value}`) }))"
          @update:model-value="given.kind = $event"
        />
        <CountField v-model="given.owned" :label="t('lists.columns.owned')" :min="0" :max="10000" />
        <div>
          <TextField v-model="given.color" live :label="t('cupboard.color')" :placeholder="t('cupboard.newColor')" />
          <span v-if="swatch" class="swatch" :style="{ background: swatch }" />
          <span v-else-if="faultOf('color')" class="bad small" role="alert">{{ faultOf('color') }}</span>
        </div>
        <SelectField
          :label="t('cupboard.material')"
          :model-value="given.material || null"
          :none="t('cupboard.newUsual')"
          :choices="materials.map((value) => ({ value, label: value }))"
          @update:model-value="given.material = $event"
          @none="given.material = ''"
        />
        <div>
          <TextField
            v-model="given.size"
            live
            :label="t('lists.columns.size')"
            :placeholder="preferences.unit === 'in' ? '10 1/2, or 14 x 72' : '27, or 35 x 180'"
          />
          <span v-if="faultOf('size')" class="bad small" role="alert">{{ faultOf('size') }}</span>
        </div>
        <TextField v-model="given.kept" live :label="t('cupboard.kept')" />
      </div>
      <p class="soft small tidy" role="status">
        <template v-if="item && item.facts.assumed.length > 0">{{
          t('cupboard.newAssumed', { sizes: item.facts.assumed.map((name) => (t(`lists.columns.${name}`) as string).toLowerCase()).join(', ') })
        }}</template>
        <template v-else-if="given.name !== '' && faultOf('kind') !== undefined">{{ t('cupboard.newKind') }}</template>
      </p>
      <p class="row">
        <el-button type="primary" native-type="submit" :disabled="!item">{{ t('cupboard.newAdd') }}</el-button>
        <el-button :disabled="!item" @click="add(true)">{{ t('cupboard.newOpen') }}</el-button>
      </p>
    </form>
  </el-dialog>
</template>

<style scoped>
.swatch {
  display: block;
  width: 100%;
  height: 6px;
  margin-top: 2px;
  border-radius: 3px;
}
</style>
