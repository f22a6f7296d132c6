<script setup lang="ts">
import { colorName, colorRoles, paletteOfMood, readCssPalette, readGpl, type ColorRole, type Mood, type PaletteEntry } from '@hestiad/core'
import { Plus, X } from '@lucide/vue'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import ColorField from '../shell/ColorField.vue'
import FileField from '../shell/FileField.vue'

/** A palette: by hand, from a photo, a mood, a palette file or where else it can come from; each color with the part it plays. */
const props = defineProps<{
  palette: readonly PaletteEntry[]
  moods: readonly Mood[]
  sources?: readonly { readonly label: string; readonly palette: readonly PaletteEntry[] }[]
}>()
const emit = defineEmits<{ change: [palette: readonly PaletteEntry[]] }>()
const { t } = useI18n()
const problem = ref('')
const MOST = 12
const NEW_COLOR = '#c9b79c'

const set = (next: readonly PaletteEntry[]) => emit('change', next.slice(0, MOST))
const setOne = (at: number, part: Partial<PaletteEntry>) => set(props.palette.map((entry, i) => (i === at ? { ...entry, ...part } : entry)))
const remove = (at: number) => set(props.palette.filter((_, i) => i !== at))
const add = () => set([...props.palette, { color: NEW_COLOR, role: props.palette.length === 0 ? 'base' : props.palette.length === 1 ? 'support' : 'accent' }])

/** Colors of a file have no roles: the first is the base, the last an accent. */
const withRoles = (colors: readonly { readonly color: string }[]): PaletteEntry[] =>
  colors.map(({ color }, i) => ({ color, role: i === 0 ? 'base' : i < colors.length - 1 ? 'support' : 'accent' }))

async function read(file: File): Promise<void> {
  problem.value = ''
  try {
    const found = file.type.startsWith('image/') ? await (await import('../workers/photoColors.js')).paletteOfPhoto(file) : fromText(await file.text())
    if (found.length > 0) set(found)
    else problem.value = t('meant.noColors', { name: file.name })
  } catch {
    problem.value = t('meant.noColors', { name: file.name })
  }
}
const fromText = (text: string) => withRoles(readGpl(text) ?? readCssPalette(text))
</script>

<template>
  <div class="stack">
    <ul class="entries" :aria-label="t('meant.palette')">
      <li v-for="(entry, i) in palette" :key="i">
        <ColorField bare :label="t('meant.color', { n: i + 1 })" :model-value="entry.color" @update:model-value="setOne(i, { color: $event })" />
        <span class="name">{{ colorName(entry.color) }}</span>
        <el-segmented
          :model-value="entry.role"
          :options="colorRoles.map((value) => ({ value, label: t(`colors.role.${value}`) }))"
          size="small"
          :aria-label="t('meant.role', { color: colorName(entry.color) })"
          @update:model-value="setOne(i, { role: $event as ColorRole })"
        />
        <el-button class="plain" :aria-label="t('meant.dropColor', { color: colorName(entry.color) })" @click="remove(i)"
          ><X :size="16" aria-hidden="true"
        /></el-button>
      </li>
    </ul>
    <p class="row ways small">
      <el-button v-if="palette.length < MOST" size="small" @click="add"><Plus :size="14" aria-hidden="true" /> {{ t('meant.addColor') }}</el-button>
      <FileField :label="t('meant.fromPhoto')" accept="image/jpeg,image/png,image/webp,.gpl,.css" quiet @file="read" />
      <el-button v-for="source in sources" :key="source.label" class="plain link" @click="set(source.palette)">{{ source.label }}</el-button>
      <el-button v-for="mood in moods" :key="mood" class="plain link" @click="set(paletteOfMood[mood])">{{
        t('meant.fromMood', { mood: t(`meant.mood.${mood}`) })
      }}</el-button>
    </p>
    <p v-if="problem" class="bad small" role="alert">{{ problem }}</p>
    <p v-if="palette.length > 0" class="soft small">{{ t('meant.photosLie') }}</p>
  </div>
</template>

<style scoped>
.entries li {
  display: grid;
  grid-template-columns: auto minmax(60px, 1fr) auto auto;
  gap: 10px;
  align-items: center;
}

.ways {
  flex-wrap: wrap;
}

p {
  margin: 0;
}
</style>
