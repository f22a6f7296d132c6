<script setup lang="ts">
import { colorName, readRecipe, recipeOf, type Look, type LookRecipe } from '@hestiad/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import { list } from '../findings/findingWords.js'
import { saveFile } from '../seat-view/saveFile.js'
import FileField from '../shell/FileField.vue'
import SelectField from '../shell/SelectField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

/** A look laid before, of any occasion, or a recipe file: what is composed follows it on this table, of this cupboard. */
const props = defineProps<{ look: Look }>()
const recipe = defineModel<LookRecipe | undefined>({ required: true })
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const others = shallowRef<readonly { readonly value: string; readonly label: string; readonly look: Look }[]>([])
const chosen = ref<string | null>(null)
const problem = ref('')

onMounted(async () => {
  const { occasions } = await api.listOccasions().catch(() => ({ occasions: [] }))
  others.value = occasions.flatMap((occasion) =>
    occasion.looks
      .filter((one) => one.id !== store.id)
      .map((one) => ({ value: one.id, label: `${one.look.occasion.title}: ${one.name}`, look: one.look as Look }))
  )
})

function choose(id: string | null): void {
  const look = others.value.find((one) => one.value === id)?.look
  problem.value = ''
  chosen.value = look ? id : null
  recipe.value = look && recipeOf(look)
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
      :choices="others"
      :none="recipe && !chosen ? recipe.name : t('looks.afterNone')"
      @update:model-value="choose($event)"
      @none="choose(null)"
    />
    <p v-if="says" class="soft small">{{ says }}</p>
    <p class="row small">
      <FileField quiet :label="t('looks.afterFile')" accept=".json,application/json" @file="read" />
      <el-button class="plain link" @click="save">{{ t('looks.afterSave') }}</el-button>
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
