<script setup lang="ts">
import { askOfLook, lookAgain, sayOfLook, stands, unsayOfLook, type Look, type Stand } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceField from '../shell/ChoiceField.vue'
import DateField from '../shell/DateField.vue'
import TextField from '../shell/TextField.vue'
import { today } from '../shell/dates.js'
import { useLook } from '../stores/lookStore.js'

/** What the stylist, or somebody beside them, says of the open look, and why. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const by = ref(t('looks.me'))
const own = computed(() => props.look.verdicts.find((one) => one.by === by.value))
const choices = stands.map((value) => ({ value, label: t(`looks.stand.${value}`) }))

function say(part: { readonly stand?: Stand; readonly remark?: string }): void {
  store.run(sayOfLook, { by: by.value, stand: own.value?.stand ?? 'unsure', remark: own.value?.remark ?? '', day: today(), ...part })
}
</script>

<template>
  <div class="verdict">
    <TextField v-model="by" :label="t('looks.saidBy')" />
    <ChoiceField
      class="whole"
      :label="t('looks.stands')"
      :model-value="own?.stand ?? 'unsure'"
      :choices="choices"
      @update:model-value="say({ stand: $event })"
    />
    <TextField :label="t('looks.because')" :model-value="own?.remark ?? ''" :max="1000" @update:model-value="say({ remark: $event })" />
    <TextField :label="t('looks.ask')" :placeholder="t('looks.askAs')" :model-value="look.ask" :max="1000" @update:model-value="store.run(askOfLook, $event)" />
    <DateField
      :label="t('looks.again.on')"
      optional
      :model-value="look.lookAgainOn ?? ''"
      @update:model-value="store.run(lookAgain, $event === '' ? null : $event)"
    />
    <el-button v-if="own" class="plain link small" @click="store.run(unsayOfLook, by)">{{ t('looks.unsay') }}</el-button>
  </div>
</template>

<style scoped>
.verdict {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(180px, 100%), 1fr));
  gap: 8px 14px;
  align-items: end;
}

.whole {
  grid-column: 1 / -1;
}
</style>
