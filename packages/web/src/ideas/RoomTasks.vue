<script setup lang="ts">
import { roomStages, type RoomStage } from '@hestiad/core'
import { X } from '@lucide/vue'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import SelectField from '../shell/SelectField.vue'
import TextField from '../shell/TextField.vue'
import type { Idea, IdeaFields } from './useIdeas.js'

/** What there is to do in the rooms, apart from any occasion: what is fixed first, so that the table has a calm base. */
const props = defineProps<{ rooms: readonly { readonly stage: RoomStage; readonly list: readonly Idea[] }[] }>()
const emit = defineEmits<{ add: [fields: IdeaFields]; change: [idea: Idea, part: Partial<IdeaFields>]; remove: [idea: Idea] }>()
const { t } = useI18n()
const what = ref('')
const stage = ref<RoomStage>('fixed')
const stages = roomStages.map((value) => ({ value, label: t(`ideas.stage.${value}`) }))
/** The first stage in which something is open; what comes after it can wait. */
const now = computed(() => props.rooms.find(({ list }) => list.some((one) => !one.done))?.stage)

function add(): void {
  if (what.value.trim() === '') return
  emit('add', { kind: 'room', what: what.value.trim(), source: '', takes: '', stage: stage.value, done: false })
  what.value = ''
}
</script>

<template>
  <section class="stack">
    <h2>{{ t('ideas.rooms') }}</h2>
    <p class="soft small tidy">{{ t('ideas.roomsSay') }}</p>
    <form class="new" @submit.prevent="add">
      <TextField v-model="what" bare live :label="t('ideas.task')" :placeholder="t('ideas.taskAs')" />
      <SelectField v-model="stage" bare :label="t('ideas.stageOf')" :choices="stages" />
      <el-button native-type="submit" :disabled="what.trim() === ''">{{ t('ideas.add') }}</el-button>
    </form>
    <section v-for="one in rooms.filter(({ list }) => list.length > 0)" :key="one.stage">
      <h3>
        {{ t(`ideas.stage.${one.stage}`) }} <span v-if="one.stage === now" class="now small">{{ t('ideas.now') }}</span>
      </h3>
      <ul>
        <li v-for="task in one.list" :key="task.id" :class="{ done: task.done }">
          <el-checkbox :model-value="task.done" :label="task.what" @update:model-value="emit('change', task, { done: $event === true })" />
          <el-button class="plain" :aria-label="t('ideas.remove', { what: task.what })" @click="emit('remove', task)"
            ><X :size="15" aria-hidden="true"
          /></el-button>
        </li>
      </ul>
    </section>
    <p v-if="rooms.every(({ list }) => list.length === 0)" class="soft tidy">{{ t('ideas.noTasks') }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 0;
}

.new {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 128px auto;
  gap: 8px;
  align-items: center;
}

h3 {
  margin: 6px 0 2px;
}

.now {
  padding: 1px 8px;
  border-radius: 9px;
  background: var(--ember-soft);
  font-family: var(--sans);
  font-weight: 500;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  min-height: 36px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
}

li :deep(.el-checkbox) {
  white-space: normal;
}

.done :deep(.el-checkbox__label) {
  text-decoration: line-through;
}
</style>
