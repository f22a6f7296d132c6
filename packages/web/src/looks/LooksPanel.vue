<script setup lang="ts">
import { layers, type Layer, type Look, type WholeLook } from '@hestiad/core'
import { storeToRefs } from 'pinia'
import { onMounted, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import OneThing from '../changes/OneThing.vue'
import CheckField from '../shell/CheckField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import { tell } from '../shell/tell.js'
import RecipeField from './RecipeField.vue'
import MoneyBuys from './MoneyBuys.vue'
import ProposalCard from './ProposalCard.vue'
import TasteNote from './TasteNote.vue'
import SideBySide from './SideBySide.vue'
import { useWholeLooks } from './useWholeLooks.js'

/** Whole looks laid from the brief, to lay here or keep beside this one; and the looks of the occasion side by side. */
defineProps<{ look: Look }>()
const { t } = useI18n()
const route = useRoute()
const router = useRouter()
const looks = useWholeLooks()
const { from, keep, wishLight, recipe, running, done, problem, canceled, found, shown, outdated, brokenOff } = storeToRefs(looks)
const keeping = ref<WholeLook>()
const added = ref(0)
const tab = ref<'whole' | 'one' | 'money' | 'beside'>('whole')
const froms = (['owned', 'few-new', 'all-new'] as const).map((value) => ({ value, label: t(`looks.from.${value}`) }))

function setKept(layer: Layer, on: boolean): void {
  keep.value = on ? [...keep.value, layer] : keep.value.filter((one) => one !== layer)
}

async function keepBeside(whole: WholeLook): Promise<void> {
  keeping.value = whole
  const name = t(`looks.direction.${whole.direction}`)
  try {
    await looks.keepAs(whole, name)
    added.value++
    tell('success', t('looks.kept', { name }))
  } catch (error) {
    problem.value = (error as Error).message
  }
  keeping.value = undefined
}

// "lay it for me" of a new occasion
onMounted(() => {
  if (route.query['lay'] === undefined) return
  void router.replace({ query: {} })
  void looks.compose()
})
</script>

<template>
  <el-tabs v-bind="{ modelValue: tab } as object" @update:model-value="tab = $event as typeof tab">
    <el-tab-pane name="whole" :label="t('looks.forMe')" class="stack">
      <section class="asked stack">
        <p class="soft small">{{ t('looks.forMeSays') }}</p>
        <ChoiceField v-model="from" :label="t('looks.may')" :choices="froms" />
        <fieldset class="checks">
          <legend>{{ t('looks.keepNow') }}</legend>
          <CheckField
            v-for="layer in layers"
            :key="layer"
            :label="t(`looks.layer.${layer}`)"
            :model-value="keep.includes(layer)"
            @update:model-value="setKept(layer, $event)"
          />
        </fieldset>
        <CheckField v-model="wishLight" :label="t('looks.wishLight')" />
        <RecipeField v-model="recipe" :look="look" />
        <TasteNote />
        <p class="row">
          <el-button v-if="brokenOff" type="primary" @click="looks.goOn()">{{ t('looks.goOn') }}</el-button>
          <el-button v-if="!running" :type="brokenOff ? 'default' : 'primary'" @click="looks.compose(found !== undefined)">{{
            t(recipe ? 'looks.composeAfter' : found ? 'looks.others' : 'looks.compose')
          }}</el-button>
          <el-button v-else @click="looks.cancel()">{{ t('looks.cancel') }}</el-button>
          <el-progress v-if="running" class="progress" :percentage="Math.round(done * 100)" :aria-label="t('looks.composing')" />
        </p>
        <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
        <p v-else-if="brokenOff && found" class="soft" role="status">{{ t('looks.brokenOff', { count: found.looks.length }, found.looks.length) }}</p>
        <p v-else-if="canceled && !found" class="soft" role="status">{{ t('looks.canceled') }}</p>
        <p v-else-if="outdated && !running" class="soft" role="status">{{ t('looks.outdated') }}</p>
        <p v-else-if="found && !running && found.looks.length === 0" role="status">{{ t('looks.nothing') }}</p>
      </section>
      <div v-if="found" class="cards" aria-live="polite">
        <ProposalCard
          v-for="whole in found.looks"
          :key="whole.direction"
          :whole="whole"
          :shown="whole === shown"
          :busy="whole === keeping"
          @lay="looks.lay(whole)"
          @back="looks.takeBack()"
          @keep="keepBeside(whole)"
        />
      </div>
    </el-tab-pane>
    <el-tab-pane name="one" :label="t('changes.tab')" lazy><OneThing v-if="tab === 'one'" :look="look" /></el-tab-pane>
    <el-tab-pane name="money" :label="t('looks.money')" lazy
      ><MoneyBuys v-if="tab === 'money'" :look="look" :options-for="looks.optionsFor" @lay="looks.lay($event)"
    /></el-tab-pane>
    <el-tab-pane name="beside" :label="t('looks.sideBySide')" lazy><SideBySide :look="look" :added="added" /></el-tab-pane>
  </el-tabs>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
  gap: 14px;
}

.progress {
  flex: 1;
}

p {
  margin: 0;
}
</style>
