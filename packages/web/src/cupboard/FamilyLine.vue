<script setup lang="ts">
import { familiesOf, setsOf, type CupboardItem, type Family } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { usePreferences } from '../stores/preferences.js'

/** The family a piece is of: twins, a graded set, one form in sizes, and what the stylist has given one set name. */
const props = defineProps<{ item: CupboardItem; items: readonly CupboardItem[] }>()
const { t } = useI18n()
const { length } = usePreferences()

const together = computed(() => setsOf(props.items))
const pieces = computed(() => props.items.map(({ piece }) => piece))
const family = computed<Family | undefined>(() =>
  familiesOf(pieces.value, together.value).find((one) => one.pieces.some((piece) => piece.id === props.item.piece.id))
)
const members = computed(() =>
  (family.value?.pieces ?? []).map((piece) => ({
    id: piece.id,
    text: t('cupboard.familyMember', { name: piece.name, owned: piece.owned, height: 'heightMm' in piece ? length(piece.heightMm) : '' })
  }))
)
</script>

<template>
  <div v-if="family && (family.pieces.length > 1 || family.kind === 'twins')" class="small">
    <h3>{{ t('cupboard.family') }}</h3>
    <p class="soft">{{ t(`cupboard.familyKinds.${family.kind}`, { n: family.owned }) }}</p>
    <ul>
      <li v-for="member in members" :key="member.id">{{ member.text }}</li>
    </ul>
    <p class="soft">{{ t('cupboard.familyHint') }}</p>
  </div>
</template>

<style scoped>
ul {
  margin: 2px 0;
  padding-inline-start: 18px;
}

p {
  margin: 0;
}
</style>
