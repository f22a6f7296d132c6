<script setup lang="ts">
import { pieceKinds } from '@hestiad/core'
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { ApiProblem, type Dto, type Fault } from '../api/client.js'

/** A CSV before it is taken: what each column stands for, the first rows, and every fault by row and column. */
const props = defineProps<{ text: string }>()
const emit = defineEmits<{ done: [count: number] }>()
const shown = defineModel<boolean>({ required: true })
const { t } = useI18n()
const preview = ref<Dto<'CupboardPreview'>>()
const map = ref<Record<string, string | null>>({})
const faults = ref<readonly Fault[]>([])
const busy = ref(false)
async function look(chosen?: Record<string, string | null>): Promise<void> {
  busy.value = true
  faults.value = []
  try {
    preview.value = await api.previewCupboard(props.text, chosen ? { map: JSON.stringify(chosen) } : {})
    map.value = { ...preview.value.map }
    faults.value = preview.value.faults
  } catch (error) {
    faults.value = error instanceof ApiProblem && error.faults.length > 0 ? error.faults : [{ place: '', message: (error as Error).message }]
  }
  busy.value = false
}
watch(
  shown,
  (on) => {
    preview.value = undefined
    if (on) void look()
  },
  { immediate: true }
)

async function take(): Promise<void> {
  busy.value = true
  try {
    const { imported } = await api.importCupboard(props.text, { map: JSON.stringify(map.value) })
    shown.value = false
    emit('done', imported)
  } catch (error) {
    faults.value = error instanceof ApiProblem && error.faults.length > 0 ? error.faults : [{ place: '', message: (error as Error).message }]
  }
  busy.value = false
}
</script>

<template>
  <el-dialog v-model="shown" :title="t('cupboard.importTitle')" width="760">
    <div class="stack">
      <p class="soft small">{{ t('cupboard.importHelp') }}</p>
      <div v-if="preview" class="scroller">
        <table>
          <thead>
            <tr>
              <th v-for="name in preview.header" :key="name">
                <label
                  >{{ name }}
                  <select class="native" :value="map[name] ?? ''" @change="look({ ...map, [name]: ($event.target as HTMLSelectElement).value || null })">
                    <option value="">{{ t('cupboard.leaveOut') }}</option>
                    <option v-for="column in preview.columns" :key="column" :value="column">{{ column }}</option>
                  </select></label
                >
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, i) in preview.rows" :key="i">
              <td v-for="(field, j) in row" :key="j" :class="{ out: !map[preview.header[j]!] }">{{ field.slice(0, 40) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <template v-if="faults.length > 0">
        <p class="bad" role="alert">{{ t('cupboard.unusable') }}</p>
        <ul class="faults">
          <li v-for="(fault, i) in faults" :key="i">
            <strong>{{ fault.place }}</strong> {{ fault.message }}
          </li>
        </ul>
        <p class="soft small">{{ pieceKinds.join(', ') }}</p>
      </template>
      <template v-else-if="preview">
        <p>{{ t('cupboard.willAdd', { added: preview.added, changed: preview.changed, assumed: preview.assumed }) }}</p>
        <el-button type="primary" :loading="busy" @click="take">{{ t('cupboard.take', { n: preview.count }) }}</el-button>
      </template>
    </div>
  </el-dialog>
</template>

<style scoped>
.scroller {
  max-height: 260px;
  overflow: auto;
}

table {
  border-collapse: collapse;
  font-size: 12.5px;
}

th,
td {
  padding: 3px 8px 3px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: start;
  white-space: nowrap;
}

th .native {
  display: block;
  width: 118px;
  height: 28px;
}

.out {
  color: var(--soft-ink);
  text-decoration: line-through;
}

.bad,
.faults {
  margin: 0;
  color: var(--ember);
}

.faults {
  max-height: 160px;
  overflow: auto;
}

p {
  margin: 0;
}
</style>
