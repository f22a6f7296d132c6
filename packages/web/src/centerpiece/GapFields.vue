<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import type { Gaps, Look } from '@hestiad/core'
import { ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

/** Small things of the house that fill the gaps of the middle, in their number by area. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const { area } = usePreferences()
const open = ref(false)
const gaps = shallowRef<Gaps>()

/** What was found for a look that has changed since is not shown. */
async function find(): Promise<void> {
  if (!open.value) return
  const { look } = props
  const found = await store.findGaps()
  if (look === props.look) gaps.value = found
}
watch([() => props.look, open], find)
</script>

<template>
  <FoldAway v-if="look.centerpiece.length > 0" class="small" :title="t('compose.gaps')" @opened="open = $event">
    <template v-if="gaps">
      <p v-if="gaps.fills.length === 0" class="soft">{{ t('compose.gapsNone') }}</p>
      <template v-else>
        <p class="soft">{{ t('compose.gapsTold', { area: area(gaps.areaMm2) }) }}</p>
        <ul>
          <li v-for="fill in gaps.fills" :key="fill.piece.id">
            <span
              >{{ t('compose.gapsOf', { count: fill.count, name: fill.piece.name })
              }}<span class="soft"
                >, {{ fill.spare >= fill.count ? t('compose.gapsOwned') : t('compose.gapsShort', { n: fill.count - fill.spare }) }}</span
              ></span
            >
            <el-button size="small" round @click="store.apply(fill.edit)">{{ t('compose.lay') }}</el-button>
          </li>
        </ul>
      </template>
    </template>
  </FoldAway>
</template>

<style scoped>
p {
  margin: 0;
}

ul {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  padding: 2px 0;
}
</style>
