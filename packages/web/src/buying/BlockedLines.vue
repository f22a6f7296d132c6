<script setup lang="ts">
import { formatMoney, pieceIndex, swapEdit, type Blocked, type Look, type Unblock } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'

/** Lines no shop can cover in time, the rule that blocks each, and the least changes that would help. */
const props = defineProps<{ look: Look; blocked: readonly Blocked[] }>()
const emit = defineEmits<{ skip: [pieceId: string] }>()
const { t } = useI18n()
const store = useLook()
const index = computed(() => pieceIndex(props.look))
const nameOf = (id: string) => index.value.get(id)?.name ?? id

function words(unblock: Unblock): string {
  switch (unblock.kind) {
    case 'alike':
      return t('buy.unblock.alike', { name: nameOf(unblock.pieceId), shop: unblock.shop, cents: formatMoney(unblock.cents, props.look.money.currency) })
    case 'days':
      return t('buy.unblock.days', { days: unblock.days, shop: unblock.shop }, unblock.days)
    case 'price':
      return t('buy.unblock.price', { shop: unblock.shop })
    case 'guests':
      return t('buy.unblock.guests', { fewer: unblock.fewer }, unblock.fewer)
    case 'borrow':
      return t('buy.unblock.borrow', { pieces: unblock.pieces })
  }
}

function use(fromId: string, toId: string): void {
  store.run(swapEdit, fromId, toId)
}
</script>

<template>
  <section class="blocked">
    <h3>{{ t('buy.blocked') }}</h3>
    <ul>
      <li v-for="line in blocked" :key="line.pieceId">
        <strong>{{ nameOf(line.pieceId) }}: {{ line.pieces }}</strong
        >, {{ t(`buy.rule.${line.rule}`) }}
        <ul>
          <li v-for="(unblock, i) in line.unblock" :key="i" class="small">
            {{ words(unblock) }}
            <el-button v-if="unblock.kind === 'alike'" class="plain link" @click="use(line.pieceId, unblock.pieceId)">{{ t('buy.useAlike') }}</el-button>
          </li>
        </ul>
        <router-link class="small" :to="`/shops?like=${line.pieceId}`">{{ t('buy.findAlike') }}</router-link> ·
        <el-button class="plain link small" @click="emit('skip', line.pieceId)">{{ t('buy.skip') }}</el-button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.blocked {
  padding: 8px 10px;
  border-left: 3px solid var(--ember);
}

ul {
  margin: 2px 0;
  padding: 0;
  list-style: none;
}

ul ul {
  padding-left: 12px;
}
</style>
