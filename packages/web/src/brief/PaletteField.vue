<script setup lang="ts">
import {
  colorName,
  colorRoles,
  paletteOfAnchor,
  paletteOfMood,
  paletteOfRoom,
  readCssPalette,
  readGpl,
  type ColorRole,
  type Intent,
  type Look,
  type PaletteEntry
} from '@hestiad/core'
import { Plus, X } from '@lucide/vue'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import FileField from '../shell/FileField.vue'

/** The palette of the brief: by hand, from a photo, the anchor, a mood or a palette file; each color with the part it plays. */
const props = defineProps<{ look: Look }>()
const emit = defineEmits<{ change: [part: Partial<Intent>] }>()
const { t } = useI18n()
const problem = ref('')
const MOST = 12
const NEW_COLOR = '#c9b79c'
const palette = computed(() => props.look.intent.palette)
const anchor = computed(() => props.look.pieces.find((piece) => piece.id === props.look.intent.anchorId))

const set = (next: readonly PaletteEntry[]) => emit('change', { palette: next.slice(0, MOST) })
const setOne = (at: number, part: Partial<PaletteEntry>) => set(palette.value.map((entry, i) => (i === at ? { ...entry, ...part } : entry)))
const remove = (at: number) => set(palette.value.filter((_, i) => i !== at))
const add = () => set([...palette.value, { color: NEW_COLOR, role: palette.value.length === 0 ? 'base' : palette.value.length === 1 ? 'support' : 'accent' }])

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
        <el-color-picker
          :model-value="entry.color"
          color-format="hex"
          :aria-label="t('meant.color', { n: i + 1 })"
          @update:model-value="$event && setOne(i, { color: $event.toLowerCase() })"
        />
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
      <el-button v-if="anchor" class="plain link" @click="set(paletteOfAnchor(anchor))">{{ t('meant.fromAnchor', { name: anchor.name }) }}</el-button>
      <el-button v-if="look.room.colors.length > 1" class="plain link" @click="set(paletteOfRoom(look.room.colors))">{{ t('meant.fromRoom') }}</el-button>
      <el-button v-for="mood in look.intent.moods" :key="mood" class="plain link" @click="set(paletteOfMood[mood])">{{
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
