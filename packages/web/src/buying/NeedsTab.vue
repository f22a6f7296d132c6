<script setup lang="ts">
import CheckField from '../shell/CheckField.vue'
import FoldAway from '../shell/FoldAway.vue'
import { mixWith, needGroups, needs, pieceIndex, sameJob, type Look, type Need } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'
import BorrowedLines from './BorrowedLines.vue'
import { needReason } from './needReason.js'

/** Every need of the look with what covers it: own free pieces first, stand-ins, what was bought; the rest is to get. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const index = computed(() => pieceIndex(props.look))
const groups = computed(() => {
  const all = needs(props.look)
  return needGroups.map((group) => ({ group, list: all.filter((need) => need.group === group) })).filter(({ list }) => list.length > 0)
})

function cover(need: Need): string {
  return [
    t('buy.owned', { n: need.owned }),
    need.claimed > 0 ? t('buy.claimed', { n: need.claimed }) : '',
    ...need.lent.map((one) => t('buy.lent', { n: one.count, name: index.value.get(one.pieceId)?.name ?? '' })),
    need.borrowed > 0 ? t('buy.borrowedCount', { n: need.borrowed }) : '',
    need.bought > 0 ? t('buy.already', { n: need.bought }) : ''
  ]
    .filter(Boolean)
    .join(' · ')
}

const alike = (need: Need) => props.look.pieces.filter((piece) => piece.id !== need.piece.id && sameJob(piece, need.piece))
const mixedWith = (need: Need) => props.look.interchangeable.find((group) => group[0] === need.piece.id)?.slice(1) ?? []
</script>

<template>
  <BorrowedLines v-if="look.buying.borrowed.length > 0" :look="look" />
  <section v-for="{ group, list } in groups" :key="group">
    <h3>{{ t(`part.${group}`) }}</h3>
    <ul>
      <li v-for="need in list" :key="need.piece.id" :class="{ short: need.short > 0 }">
        <span class="line"
          ><span>{{ need.piece.name }}</span
          ><strong>{{ need.needed }}</strong></span
        >
        <span class="soft small">{{ needReason(need, t) }}</span>
        <span class="line small"
          ><span class="soft">{{ cover(need) }}</span
          ><span :class="need.short > 0 ? 'get' : 'ok'">{{ need.short > 0 ? t('buy.short', { n: need.short }) : t('buy.covered') }}</span></span
        >
        <FoldAway
          v-if="need.short > 0 && alike(need).length > 0"
          class="small"
          :title="mixedWith(need).length > 0 ? `${t('buy.mix')}: ${mixedWith(need).length}` : t('buy.mix')"
        >
          <CheckField
            v-for="piece in alike(need)"
            :key="piece.id"
            :label="`${piece.name} (${t('buy.owned', { n: piece.owned })})`"
            :model-value="mixedWith(need).includes(piece.id)"
            @update:model-value="store.run(mixWith, need.piece.id, $event ? [...mixedWith(need), piece.id] : mixedWith(need).filter((id) => id !== piece.id))"
          />
        </FoldAway>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
  line-height: 1.35;
}

.line {
  display: flex;
  gap: 12px;
  justify-content: space-between;
}

.get {
  font-weight: 650;
  color: var(--ember);
  white-space: nowrap;
}

.ok {
  color: var(--moss);
  white-space: nowrap;
}

.check {
  display: block;
}
</style>
