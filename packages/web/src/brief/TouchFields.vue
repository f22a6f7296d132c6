<script setup lang="ts">
import { changeIntent, touchKinds, type Look, type PersonalTouch } from '@hestiad/core'
import { Plus, X } from '@lucide/vue'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import SelectField from '../shell/SelectField.vue'
import TextField from '../shell/TextField.vue'
import { useLook } from '../stores/lookStore.js'

/** A talking piece, what is hidden to be found, a sign of family or faith: each with where it is. They are on the list to lay by. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const MOST = 20
const touches = computed(() => props.look.intent.touches)
const kinds = touchKinds.map((value) => ({ value, label: t(`meant.touch.kind.${value}`) }))

const set = (next: readonly PersonalTouch[]) => store.run(changeIntent, { touches: next })
const setOne = (at: number, part: Partial<PersonalTouch>) => set(touches.value.map((one, i) => (i === at ? { ...one, ...part } : one)))
/** The kind there is none of yet first. */
const add = () =>
  set([...touches.value, { kind: touchKinds.find((kind) => !touches.value.some((one) => one.kind === kind)) ?? 'surprise', what: '', where: '' }])
</script>

<template>
  <div class="stack">
    <ul v-if="touches.length > 0">
      <li v-for="(one, i) in touches" :key="i">
        <SelectField
          bare
          :label="t('meant.touch.kindOf', { n: i + 1 })"
          :model-value="one.kind"
          :choices="kinds"
          @update:model-value="setOne(i, { kind: $event as PersonalTouch['kind'] })"
        />
        <TextField
          bare
          :label="t('meant.touch.what', { n: i + 1 })"
          :placeholder="t(one.kind === 'taste' ? 'meant.touch.likes' : 'meant.touch.whatAs')"
          :model-value="one.what"
          @update:model-value="setOne(i, { what: $event })"
        />
        <TextField
          bare
          :label="t('meant.touch.where', { n: i + 1 })"
          :placeholder="t(one.kind === 'taste' ? 'meant.touch.whose' : 'meant.touch.whereAs')"
          :model-value="one.where"
          @update:model-value="setOne(i, { where: $event })"
        />
        <el-button class="plain" :aria-label="t('meant.touch.drop', { n: i + 1 })" @click="set(touches.filter((_, at) => at !== i))"
          ><X :size="16" aria-hidden="true"
        /></el-button>
      </li>
    </ul>
    <p class="row">
      <el-button v-if="touches.length < MOST" size="small" @click="add"><Plus :size="14" aria-hidden="true" /> {{ t('meant.touch.add') }}</el-button>
      <span v-if="touches.length === 0" class="soft small">{{ t('meant.touch.says') }}</span>
    </p>
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

/* the kind with its cross; below it, as wide as there is room, what it is and where */
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 6px 10px;
  align-items: center;
}

li > :nth-child(2),
li > :nth-child(3) {
  grid-column: 1 / 3;
}

li > :nth-child(4) {
  grid-row: 1;
  grid-column: 2;
}

p {
  flex-wrap: wrap;
  margin: 0;
}
</style>
