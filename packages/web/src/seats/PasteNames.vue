<script setup lang="ts">
import { guestColumns, nameGuests, readGuestsCsv, type GuestColumn, type Look } from '@hestiad/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import FileField from '../shell/FileField.vue'
import { readListFile } from '../shell/readListFile.js'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'

/** A list of guests pasted, typed or from a file, laid round the table in its order: names alone one a line, or a table with a header. */
defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const shown = ref(false)
const text = ref('')
const map = ref<Readonly<Record<string, GuestColumn | null>>>()
watch(text, () => (map.value = undefined))
const read = computed(() => readGuestsCsv(text.value, map.value))
const names = computed(() =>
  text.value
    .split(/[\n;,\t]+/)
    .map((name) => ({ name: name.trim().slice(0, 200) }))
    .filter(({ name }) => name !== '')
)
const listed = computed(() => (read.value.kind === 'table' ? read.value.guests : names.value).slice(0, 100))
const faults = computed(() => (read.value.kind === 'table' ? read.value.faults : []))
const columns = guestColumns.map((value) => ({ value, label: t(`seats.listColumn.${value}`) }))

function setColumn(header: string, column: GuestColumn | null): void {
  if (read.value.kind === 'table') map.value = { ...read.value.map, [header]: column }
}

async function open(file: File): Promise<void> {
  text.value = (await readListFile(file)).trim()
}

function take(): void {
  store.run(nameGuests, listed.value)
  shown.value = false
  text.value = ''
}
</script>

<template>
  <el-button size="small" @click="shown = true">{{ t('seats.paste') }}</el-button>
  <el-dialog v-model="shown" :title="t('seats.paste')" width="min(640px, 94vw)">
    <div class="stack">
      <el-input v-model="text" type="textarea" :rows="10" :placeholder="t('seats.pasteHint')" :aria-label="t('seats.paste')" />
      <FileField :label="t('seats.pasteFile')" accept=".csv,.txt,text/csv,text/plain" @file="open" />
      <div v-if="read.kind === 'table'" class="columns">
        <SelectField
          v-for="name in read.header"
          :key="name"
          :label="name"
          :model-value="read.map[name] ?? null"
          :none="t('lists.leaveOut')"
          :choices="columns"
          @update:model-value="setColumn(name, $event)"
          @none="setColumn(name, null)"
        />
      </div>
      <p v-for="fault in faults" :key="fault.place" class="bad small tidy" role="alert">{{ fault.place }}: {{ fault.message }}</p>
      <p class="soft small tidy">{{ t('seats.pasteSays', { n: listed.length, now: look.guests.length }) }}</p>
      <el-button type="primary" :disabled="listed.length === 0" @click="take">{{ t('seats.pasteDo', { n: listed.length }) }}</el-button>
    </div>
  </el-dialog>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 8px;
}
</style>
