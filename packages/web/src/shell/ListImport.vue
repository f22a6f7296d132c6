<script setup lang="ts">
import { listUnits, pieceKinds, readCsv, writeCsv, type ListUnit } from '@hestiad/core'
import { computed, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { ApiProblem, type Dto, type Fault } from '../api/client.js'
import CheckField from './CheckField.vue'
import SelectField from './SelectField.vue'

/** A list of somebody's own before it is taken in: what each column stands for, lengths' units, rows mended or skipped in place. */
const props = defineProps<{ text: string; of: 'cupboard' | 'offers' }>()
const emit = defineEmits<{ done: [count: number] }>()
const shown = defineModel<boolean>({ required: true })
const { t } = useI18n()
const calls = {
  cupboard: { preview: api.previewCupboard, take: api.importCupboard },
  offers: { preview: api.previewOffers, take: api.importOffers }
} as const

const SHOWN_GOOD = 8
const table = readCsv(props.text)
const header = ref<string[]>(table.ok ? [...table.header] : [])
const rows = shallowRef<readonly (readonly string[])[]>(table.ok ? table.rows : [])
const skipped = shallowRef<ReadonlySet<number>>(new Set())
const preview = shallowRef<Dto<'ListPreview'>>()
const reading = computed(() => preview.value?.reading)
const failures = ref<readonly Fault[]>(table.ok ? [] : [{ place: `row ${table.row}`, message: table.message }])
const busy = ref(false)

const kept = () => rows.value.map((_, i) => i).filter((i) => !skipped.value.has(i))
const csv = () =>
  writeCsv(
    header.value,
    kept().map((i) => rows.value[i]!)
  )
let asked = 0

async function look(chosen = reading.value): Promise<void> {
  if (!table.ok) return
  const mine = ++asked
  busy.value = true
  try {
    const answer = await calls[props.of].preview(csv(), chosen ? { reading: JSON.stringify(chosen) } : {})
    if (mine !== asked) return
    preview.value = answer
    failures.value = []
  } catch (error) {
    if (mine === asked) failures.value = faultsOf(error)
  }
  if (mine === asked) busy.value = false
}
void look()

const faultsOf = (error: unknown) =>
  error instanceof ApiProblem && error.faults.length > 0 ? error.faults : [{ place: '', message: (error as Error).message }]

interface RowFault {
  readonly row: number
  readonly column: string
  readonly message: string
}
/** Faults by the row of this table they are in; those of the whole file stand alone. */
const faults = computed(() => {
  const order = kept()
  const inRows: RowFault[] = []
  const others: Fault[] = [...failures.value]
  for (const fault of preview.value?.faults ?? []) {
    const [, at, column] = /^row (\d+), column (\w+)$/.exec(fault.place) ?? []
    const row = at === undefined ? undefined : order[Number(at) - 2]
    if (row === undefined) others.push(fault)
    else inRows.push({ row, column: column!, message: fault.message })
  }
  return { inRows, others }
})
const badRows = computed(() => [...new Set(faults.value.inRows.map((fault) => fault.row))])
const shownRows = computed(() => (badRows.value.length > 0 ? badRows.value : kept().slice(0, SHOWN_GOOD)))
/** Columns that faults are about and the list does not have. */
const added = computed(() => [...new Set(faults.value.inRows.map((fault) => fault.column))].filter((column) => headerOf(column) === undefined))

function headerOf(column: string): string | undefined {
  const map = reading.value?.map ?? {}
  return header.value.find((name) => map[name] === column || (column === 'pieceId' && map[name] === 'piece'))
}
const faultAt = (row: number, name: string) =>
  faults.value.inRows.find((fault) => fault.row === row && (headerOf(fault.column) ?? fault.column) === name)?.message

function set(row: number, name: string, value: string): void {
  let at = header.value.indexOf(name)
  if (at < 0) {
    header.value.push(name)
    at = header.value.length - 1
  }
  rows.value = rows.value.map((fields, i) => {
    const whole = header.value.map((_, k) => fields[k] ?? '')
    return i === row ? whole.map((field, k) => (k === at ? value : field)) : whole
  })
  void look(reading.value && { ...reading.value, map: { [name]: name, ...reading.value.map } })
}

function skip(which: readonly number[]): void {
  skipped.value = new Set([...skipped.value, ...which])
  void look()
}
function bringBack(): void {
  skipped.value = new Set()
  void look()
}
const setColumn = (name: string, column: string | null) => reading.value && void look({ ...reading.value, map: { ...reading.value.map, [name]: column } })
const setUnit = (name: string, unit: ListUnit) => reading.value && void look({ ...reading.value, units: { ...reading.value.units, [name]: unit } })
const isLength = (name: string) => {
  const column = reading.value?.map[name]
  return !!column && column !== name && (column === 'size' || column.endsWith('Mm'))
}
const columns = computed(() => (preview.value?.columns ?? []).map((value) => ({ value, label: t(`lists.columns.${value}`) })))
const kinds = pieceKinds.map((value) => ({ value, label: t(`kind.${value}`) }))

async function take(): Promise<void> {
  busy.value = true
  try {
    const { imported } = await calls[props.of].take(csv(), { reading: JSON.stringify(reading.value) })
    shown.value = false
    emit('done', imported)
  } catch (error) {
    failures.value = faultsOf(error)
  }
  busy.value = false
}
</script>

<template>
  <el-dialog v-model="shown" :title="t(`lists.${of}`)" width="min(1040px, 94vw)">
    <div class="stack">
      <p class="soft small">{{ t('lists.help') }}</p>
      <div v-if="reading" class="scroller">
        <table>
          <thead>
            <tr>
              <th scope="col" class="soft">{{ t('lists.row') }}</th>
              <th v-for="name in header" :key="name" scope="col">
                <SelectField
                  :label="name"
                  :model-value="reading.map[name] ?? null"
                  :none="t('lists.leaveOut')"
                  :choices="columns"
                  @update:model-value="setColumn(name, $event)"
                  @none="setColumn(name, null)"
                />
                <SelectField
                  v-if="isLength(name)"
                  bare
                  :label="t('lists.unit', { column: name })"
                  :model-value="reading.units[name] ?? null"
                  :choices="listUnits.map((value) => ({ value, label: t('lists.bareIn', { unit: value }) }))"
                  @update:model-value="setUnit(name, $event)"
                />
              </th>
              <th v-for="name in added" :key="name" scope="col" class="new">{{ t(`lists.columns.${name}`) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="i in shownRows" :key="i">
              <td class="soft number">
                {{ i + 2 }}
                <CheckField
                  v-if="badRows.length > 0"
                  :said="t('lists.skipShort')"
                  :label="t('lists.skip', { n: i + 2 })"
                  :model-value="false"
                  @update:model-value="skip([i])"
                />
              </td>
              <td v-for="name in [...header, ...added]" :key="name" :class="{ out: header.includes(name) && !reading.map[name] }">
                <template v-if="faultAt(i, name)">
                  <SelectField
                    v-if="name === 'kind' || reading.map[name] === 'kind'"
                    bare
                    :label="t('lists.add', { n: i + 2, column: t('lists.columns.kind') })"
                    :model-value="null"
                    :choices="kinds"
                    @update:model-value="set(i, name, $event)"
                  />
                  <el-input
                    v-else
                    size="small"
                    :model-value="rows[i]![header.indexOf(name)] ?? ''"
                    :aria-label="t('lists.add', { n: i + 2, column: t(`lists.columns.${reading.map[name] ?? name}`) })"
                    aria-invalid="true"
                    @change="set(i, name, $event as string)"
                  />
                  <span class="bad small" role="alert">{{ faultAt(i, name) }}</span>
                </template>
                <template v-else>{{ (rows[i]![header.indexOf(name)] ?? '').slice(0, 60) }}</template>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <div v-if="faults.others.length > 0" class="bad" role="alert">
        <ul>
          <li v-for="(fault, i) in faults.others" :key="i">
            <strong>{{ fault.place }}</strong> {{ fault.message }}
          </li>
        </ul>
      </div>
      <p v-if="badRows.length > 0" role="status">
        {{ t('lists.toMend', { n: badRows.length }, badRows.length) }} <template v-if="preview && preview.faults.length >= 50">{{ t('lists.more') }}</template>
        <el-button size="small" @click="skip(badRows)">{{ t('lists.skipBad') }}</el-button>
      </p>
      <p v-else-if="preview && faults.others.length === 0" role="status">
        {{ t(of === 'cupboard' ? 'lists.willAdd' : 'lists.willAddOffers', { added: preview.added, changed: preview.changed, assumed: preview.assumed }) }}
      </p>
      <p v-if="skipped.size > 0" class="soft small">
        {{ t('lists.skipped', { n: skipped.size }, skipped.size) }} <el-button class="plain under" @click="bringBack">{{ t('lists.bringBack') }}</el-button>
      </p>
      <el-button v-if="preview" type="primary" :loading="busy" :disabled="preview.faults.length > 0 || preview.count === 0" @click="take">{{
        t('lists.take', { n: preview.count }, preview.count)
      }}</el-button>
    </div>
  </el-dialog>
</template>

<style scoped>
.scroller {
  max-height: 46vh;
  overflow: auto;
}

table {
  border-collapse: collapse;
  font-size: 12.5px;
}

th,
td {
  min-width: 96px;
  max-width: 220px;
  padding: 4px 10px 4px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: start;
  vertical-align: top;
}

th:first-child,
.number {
  min-width: 44px;
}

.new {
  color: var(--ember);
}

.out {
  color: var(--soft-ink);
  text-decoration: line-through;
}

.bad {
  margin: 0;
  color: var(--ember);
}

p {
  margin: 0;
}
</style>
