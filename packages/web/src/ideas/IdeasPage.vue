<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import PageHeader from '../shell/PageHeader.vue'
import TextField from '../shell/TextField.vue'
import IdeaCard from './IdeaCard.vue'
import MovedLog from './MovedLog.vue'
import RoomTasks from './RoomTasks.vue'
import { useIdeas } from './useIdeas.js'

/** A board of what was seen and what is taken from it, and what there is to do in the rooms before any table is laid. */
const { t } = useI18n()
const { all, failed, problem, removed, seen, rooms, moved, load, add, change, dropPhoto, remove, takeBack } = useIdeas()
const what = ref('')
onMounted(load)

async function addSeen(): Promise<void> {
  const text = what.value.trim()
  if (text === '') return
  what.value = ''
  await add({ kind: 'idea', what: text, source: '', takes: '', done: false })
}
document.title = `${t('ideas.title')} · Hestiad`
</script>

<template>
  <div class="page">
    <PageHeader :title="t('ideas.title')" here="ideas" />
    <p v-if="failed" role="alert">
      {{ t('ideas.failed') }} <el-button size="small" @click="load">{{ t('occasions.retry') }}</el-button>
    </p>
    <el-skeleton v-else-if="!all" :rows="6" animated />
    <template v-else>
      <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
      <p v-if="removed" class="row" role="status">
        {{ t('ideas.removed', { what: removed.what }) }} <el-button class="plain link" @click="takeBack">{{ t('nav.undo') }}</el-button>
      </p>
      <main class="two">
        <section class="stack">
          <h2>{{ t('ideas.seen') }}</h2>
          <form class="new" @submit.prevent="addSeen">
            <TextField v-model="what" bare live :label="t('ideas.newSeen')" :placeholder="t('ideas.newSeenAs')" />
            <el-button type="primary" native-type="submit" :disabled="what.trim() === ''">{{ t('ideas.add') }}</el-button>
          </form>
          <el-empty v-if="seen.length === 0" :description="t('ideas.none')" />
          <div v-else class="board">
            <IdeaCard
              v-for="idea in seen"
              :key="idea.id"
              :idea="idea"
              @change="change(idea, $event)"
              @drop-photo="dropPhoto(idea)"
              @remove="remove(idea)"
              @problem="problem = $event"
            />
          </div>
        </section>
        <div class="stack rooms">
          <RoomTasks :rooms="rooms" @add="add" @change="change" @remove="remove" />
          <MovedLog :moved="moved" @add="add" @remove="remove" />
        </div>
      </main>
    </template>
  </div>
</template>

<style scoped>
.page {
  max-width: 1320px;
  margin: 0 auto;
  padding: 0 28px 40px;
}

.two {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(300px, 1fr);
  gap: 44px;
  align-items: start;
}

.new {
  display: grid;
  grid-template-columns: minmax(0, 420px) auto;
  justify-content: start;
  gap: 8px;
  align-items: center;
}

.rooms {
  gap: 28px;
}

.board {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  gap: 18px;
  align-items: start;
  margin-top: 8px;
}

h2 {
  margin: 0;
}

@media (max-width: 860px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
