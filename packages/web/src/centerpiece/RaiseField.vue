<script setup lang="ts">
import { risersFor, type Look, type Standing } from '@hestiad/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import LengthField from '../shell/LengthField.vue'
import { useLook } from '../stores/lookStore.js'
import { usePreferences } from '../stores/preferences.js'

/** How high the top of a piece is to come: what riser that takes, and the free ones of the house nearest to it. */
const props = defineProps<{ look: Look; standing: Standing }>()
const { t } = useI18n()
const store = useLook()
const { length } = usePreferences()
const MOST_MM = 1500
const wishedMm = ref(props.standing.topMm)
watch([() => props.standing.placed.id, () => props.standing.topMm], () => (wishedMm.value = props.standing.topMm))
const fit = computed(() => risersFor(props.look, props.standing, wishedMm.value))
</script>

<template>
  <div class="stack raise">
    <LengthField v-model="wishedMm" :label="t('centerpiece.raiseTo')" :min-mm="0" :max-mm="MOST_MM" />
    <template v-if="fit.neededMm > 1">
      <p class="soft small" role="status">
        {{ t(fit.risers.length > 0 ? 'centerpiece.riserNeeded' : 'centerpiece.riserNone', { height: length(fit.neededMm) }) }}
      </p>
      <el-button v-for="one in fit.risers" :key="one.piece.id" size="small" @click="store.apply(one.edit)">{{
        [
          t('centerpiece.riserGives', { name: one.piece.name, height: length(one.topMm) }),
          ...(one.vanishes ? [t(`centerpiece.vanishes.${one.vanishes}`)] : [])
        ].join(', ')
      }}</el-button>
    </template>
  </div>
</template>

<style scoped>
.raise {
  gap: 6px;
  justify-items: start;
}

p {
  margin: 0;
}

.raise :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>
