<script setup lang="ts">
import { X } from '@lucide/vue'
import { reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { formatDate } from '../shell/dates.js'
import TextField from '../shell/TextField.vue'
import type { Idea, IdeaFields } from './useIdeas.js'

/** What went from one room to another, when and why, so that it is found again and is not brought back by chance. */
defineProps<{ moved: readonly Idea[] }>()
const emit = defineEmits<{ add: [fields: IdeaFields]; remove: [idea: Idea] }>()
const { t } = useI18n()
const said = reactive({ what: '', source: '', takes: '' })

function add(): void {
  const { what, source, takes } = said
  if (what.trim() === '') return
  emit('add', { kind: 'moved', what: what.trim(), source: source.trim(), takes: takes.trim(), done: true })
  Object.assign(said, { what: '', source: '', takes: '' })
}

const dayOf = ({ createdAtMs }: Idea) => formatDate(new Date(createdAtMs).toLocaleDateString('sv'))
</script>

<template>
  <section class="stack">
    <h2>{{ t('ideas.moved') }}</h2>
    <p class="soft small tidy">{{ t('ideas.movedSay') }}</p>
    <form class="new" @submit.prevent="add">
      <TextField v-model="said.what" bare live :label="t('ideas.thing')" :placeholder="t('ideas.thingAs')" />
      <TextField v-model="said.source" bare live :label="t('ideas.from')" :placeholder="t('ideas.fromAs')" />
      <TextField v-model="said.takes" class="why" bare live :label="t('ideas.to')" :placeholder="t('ideas.toAs')" />
      <el-button native-type="submit" :disabled="said.what.trim() === ''">{{ t('ideas.keep') }}</el-button>
    </form>
    <ol v-if="moved.length > 0">
      <li v-for="one in moved" :key="one.id">
        <span>
          <b>{{ one.what }}</b><template v-if="one.source">, {{ t('ideas.fromRoom', { from: one.source }) }}</template> <br v-if="one.takes" />{{ one.takes }}
          <span class="soft small day">{{ dayOf(one) }}</span>
        </span>
        <el-button class="plain" :aria-label="t('ideas.remove', { what: one.what })" @click="emit('remove', one)"
          ><X :size="15" aria-hidden="true"
        /></el-button>
      </li>
    </ol>
    <p v-else class="soft tidy">{{ t('ideas.noMoves') }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 0;
}

.new {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px;
  align-items: center;
}

.new .why {
  grid-column: 1;
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 8px;
  align-items: start;
  justify-content: space-between;
  padding: 8px 0;
  border-bottom: 1px solid var(--hairline);
  line-height: 1.45;
}

.day {
  display: block;
}
</style>
