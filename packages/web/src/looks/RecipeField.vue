<script setup lang="ts">
import { colorName, isRecipe, readRecipe, recipeOf, type Look, type LookRecipe } from '@hestiad/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { list } from '../findings/findingWords.js'
import { saveFile } from '../seat-view/saveFile.js'
import FileField from '../shell/FileField.vue'
import SelectField from '../shell/SelectField.vue'
import { createNamedKept } from '../stores/namedKept.js'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'
import { everyLook } from './everyLook.js'

/** A look laid before, of any occasion, a recipe that was kept, or a recipe file: what is composed follows it on this table, of this cupboard. */
const props = defineProps<{ look: Look }>()
const recipe = defineModel<LookRecipe | undefined>({ required: true })
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const others = shallowRef<Awaited<ReturnType<typeof everyLook>>>([])
const kept = createNamedKept<LookRecipe>('recipe', 'kept-recipes', (one) => (isRecipe(one) ? [one] : []), choose)
const { dropped } = kept
const chosen = ref<string | null>(null)
const keptChosen = computed(() => kept.list.value.find((one) => one.id === chosen.value))
const choices = computed(() => [...kept.list.value.map(({ id, value }) => ({ value: id, label: t('looks.afterKept', { name: value.name }) })), ...others.value])
const problem = ref('')

onMounted(async () => {
  void kept.load()
  others.value = (await everyLook()).filter((one) => one.value !== store.id)
})

function choose(id: string | null): void {
  const look = others.value.find((one) => one.value === id)?.look
  const own = kept.list.value.find((one) => one.id === id)?.value
  problem.value = ''
  chosen.value = look || own ? id : null
  recipe.value = look ? recipeOf(look) : own
}

async function read(file: File): Promise<void> {
  const found = readRecipe(await file.text())
  problem.value = found ? '' : t('looks.afterWrong', { name: file.name })
  if (!found) return
  chosen.value = null
  recipe.value = found
}

function save(): void {
  const text = JSON.stringify(recipeOf(props.look), null, 1)
  saveFile(new Blob([text], { type: 'application/json' }), `${props.look.name}.recipe.json`)
}

/** What the recipe says: its idea, its pattern, each graded set as one line with its heights. */
const says = computed(() => {
  if (!recipe.value) return ''
  const { direction, pattern, middle } = recipe.value
  const lines = middle.slice(0, 5).map((line) => {
    const ends = [line.heightsMm[0]!, line.heightsMm.at(-1)!].map((mm) => length(mm))
    return `${line.count} × ${colorName(line.color)} ${line.material} ${ends[0] === ends[1] ? ends[0] : ends.join('–')}`
  })
  const patternName = pattern ? t(`compose.names.${pattern}`) : t('looks.afterNoPattern')
  return t('looks.afterSays', { direction: t(`looks.direction.${direction}`), pattern: patternName, middle: list(lines) })
})
</script>

<template>
  <div class="stack">
    <SelectField
      :label="t('looks.after')"
      :model-value="chosen"
      :choices="choices"
      :none="recipe && !chosen ? recipe.name : t('looks.afterNone')"
      @update:model-value="choose($event)"
      @none="choose(null)"
    />
    <p v-if="says" class="soft small">{{ says }}</p>
    <p class="row small">
      <FileField quiet :label="t('looks.afterFile')" accept=".json,application/json" @file="read" />
      <el-button class="plain link" @click="kept.keep(recipeOf(look))">{{ t('looks.afterKeep') }}</el-button>
      <el-button class="plain link" @click="save">{{ t('looks.afterSave') }}</el-button>
      <el-button v-if="keptChosen" class="plain link" @click="kept.drop(keptChosen)">{{ t('looks.afterDrop') }}</el-button>
    </p>
    <p v-if="dropped" class="row small" role="status">
      {{ t('looks.afterDropped', { name: dropped.name }) }} <el-button class="plain link" @click="kept.takeBack()">{{ t('nav.undo') }}</el-button>
    </p>
    <p v-if="problem" class="bad small" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.row {
  flex-wrap: wrap;
}

p {
  margin: 0;
}
</style>
