<script setup lang="ts">
import SelectField from '../shell/SelectField.vue'
import { flawKinds, type Flaw } from '@hestiad/core'
import { X } from '@lucide/vue'
import { useI18n } from 'vue-i18n'
import LengthField from '../shell/LengthField.vue'

/** Spots of a textile that something must stand on, measured from its middle. */
const props = defineProps<{ flaws: readonly Flaw[] }>()
const emit = defineEmits<{ change: [flaws: readonly Flaw[]] }>()
const { t } = useI18n()
const set = (i: number, part: Partial<Flaw>) =>
  emit(
    'change',
    props.flaws.map((flaw, j) => (i === j ? { ...flaw, ...part } : flaw))
  )
</script>

<template>
  <fieldset class="flaws">
    <legend>{{ t('cupboard.flaws') }}</legend>
    <p v-if="flaws.length === 0" class="soft small">{{ t('cupboard.noFlaws') }}</p>
    <div v-for="(flaw, i) in flaws" :key="i" class="flaw">
      <SelectField
        bare
        :label="t('cupboard.flaw', { n: i + 1 })"
        :model-value="flaw.kind"
        :choices="flawKinds.map((value) => ({ value, label: t(`cupboard.flawKinds.${value}`) }))"
        @update:model-value="set(i, { kind: $event })"
      />
      <LengthField :label="t('cupboard.flawX')" :model-value="flaw.xMm" :min-mm="-10000" :max-mm="10000" @update:model-value="set(i, { xMm: $event })" />
      <LengthField :label="t('cupboard.flawY')" :model-value="flaw.yMm" :min-mm="-10000" :max-mm="10000" @update:model-value="set(i, { yMm: $event })" />
      <el-button
        class="plain"
        :aria-label="t('cupboard.dropFlaw', { n: i + 1 })"
        @click="
          emit(
            'change',
            flaws.filter((_, j) => j !== i)
          )
        "
      >
        <X :size="15" />
      </el-button>
    </div>
    <el-button class="plain link small" @click="emit('change', [...flaws, { kind: 'hole', xMm: 0, yMm: 0 }])">{{ t('cupboard.addFlaw') }}</el-button>
  </fieldset>
</template>

<style scoped>
.flaws {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  border: 0;
}

.flaw {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr 22px;
  gap: 6px;
  align-items: end;
}

p {
  margin: 0;
}
</style>
