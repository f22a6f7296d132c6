<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api } from '../api/calls.js'
import type { Dto } from '../api/client.js'
import CountField from '../shell/CountField.vue'
import { dayOf, formatDate } from '../shell/dates.js'
import { useLook } from '../stores/lookStore.js'

/** Secret addresses of the occasion's looks: one is made, copied, closed. */
const props = defineProps<{ withPrices: boolean }>()
const emit = defineEmits<{ said: [] }>()
const { t } = useI18n()
const store = useLook()
const days = ref(14)
const shares = ref<readonly Dto<'Share'>[]>([])
const message = ref('')
const isWrong = ref(false)

async function attempt(work: () => Promise<unknown>, done = ''): Promise<void> {
  try {
    await work()
    message.value = done
    isWrong.value = false
  } catch (error) {
    message.value = (error as Error).message
    isWrong.value = true
  }
}
const load = async () => void (shares.value = (await api.listShares(store.occasionId)).shares)
onMounted(() => attempt(load))

const addressOf = (share: Dto<'Share'>) => `${location.origin}/shared/${share.secret}`
const make = () =>
  attempt(async () => {
    await api.addShare(store.occasionId, { days: days.value, withPrices: props.withPrices })
    await load()
  })
const close = (share: Dto<'Share'>) =>
  attempt(async () => {
    await api.removeShare(share.secret)
    await load()
  })
/** What was said in between, of the open look too. */
const lookAgain = () =>
  attempt(async () => {
    await store.save()
    await store.loadNewer()
    emit('said')
  })
const copy = (share: Dto<'Share'>) => attempt(() => navigator.clipboard.writeText(addressOf(share)), t('looks.client.linkCopied'))
</script>

<template>
  <div class="stack links">
    <div class="row">
      <CountField v-model="days" :label="t('looks.client.linkDays')" :min="1" :max="90" />
      <el-button size="small" @click="make">{{ t('looks.client.link') }}</el-button>
      <span v-if="message" class="small" :class="isWrong ? 'bad' : 'soft'" role="status">{{ message }}</span>
    </div>
    <ul v-if="shares.length > 0" class="small" :aria-label="t('looks.client.link')">
      <li v-for="share in shares" :key="share.secret" class="row">
        <a class="link address" :href="addressOf(share)" target="_blank" rel="noopener">{{ addressOf(share) }}</a>
        <span class="soft"
          >{{ t('looks.client.linkUntil', { day: formatDate(dayOf(share.expiresAtMs)) })
          }}{{ share.withPrices ? `, ${t('looks.client.linkPriced')}` : '' }}</span
        >
        <el-button class="plain link" @click="copy(share)">{{ t('looks.client.linkCopy') }}</el-button>
        <el-button class="plain link" @click="close(share)">{{ t('looks.client.linkClose') }}</el-button>
      </li>
    </ul>
    <el-button v-if="shares.length > 0" class="start" size="small" @click="lookAgain">{{ t('looks.client.linkAgain') }}</el-button>
    <p class="soft small tidy">{{ t('looks.client.linkSays') }}</p>
  </div>
</template>

<style scoped>
.links {
  gap: 8px;
}

.links .row {
  flex-wrap: wrap;
  align-items: end;
}

.links .field {
  width: 130px;
}

ul {
  display: grid;
  gap: 4px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.start {
  justify-self: start;
}

.address {
  overflow-wrap: anywhere;
}
</style>
