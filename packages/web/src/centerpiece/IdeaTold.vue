<script setup lang="ts">
import { formatMoney, type CastNames, type Idea, type Look, type Steer } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { list, percent, speakerOf } from '../findings/findingWords.js'
import { tellWhy } from '../shell/words/composer.js'
import { ruleNames } from '../shell/words/findings/ruleNames.js'
import { usePreferences } from '../stores/preferences.js'
import type { ComposerState } from './useComposer.js'

/** What an idea is made of and why, what it costs and takes, what it leaves; variations of it, and what is not to be used. */
const props = defineProps<{ look: Look; idea: Idea; composer: ComposerState }>()
const { t, tm, rt } = useI18n()
const preferences = usePreferences()
const say = computed(() => speakerOf({ t: t as never, look: props.look, ...preferences.measures }))
const money = (cents: number) => formatMoney(cents, props.look.money.currency)
const why = computed(() => props.idea.why.map((one) => tellWhy(one, say.value)).join('; '))
const left = computed(() => [...new Set(props.idea.brings.map((finding) => ruleNames[finding.code]))])
const isOver = computed(() => props.idea.brings.some((finding) => finding.code === 'money.over'))
const used = computed(() => [...new Set((Object.keys(props.idea.cast) as (keyof CastNames)[]).flatMap((part) => props.idea.cast[part] ?? []))])
const axes: readonly (keyof Steer)[] = ['amount', 'height', 'richness', 'warmth']
const turnName = (axis: keyof Steer, i: 0 | 1) => rt((tm(`compose.turns.${axis}`) as string[])[i]!)
const facts = computed(() => [
  t('compose.score', { score: percent(props.idea.score.total) }),
  isOver.value
    ? t('compose.over', { cents: money(props.idea.spendCents) })
    : props.idea.addsCents > 0
      ? t('compose.cost', { cents: money(props.idea.addsCents) })
      : t('compose.costNothing'),
  t('compose.minutes', { minutes: props.idea.minutes }),
  ...(props.idea.lifts > 0 ? [t('compose.liftsToClear', { lifts: t('compose.lifts', { n: props.idea.lifts }, props.idea.lifts) })] : [])
])
</script>

<template>
  <div class="stack told">
    <p class="why">{{ why.charAt(0).toUpperCase() + why.slice(1) }}.</p>
    <p class="small facts">
      <span v-for="fact in facts" :key="fact">{{ fact }}</span>
    </p>
    <p v-if="left.length > 0" class="soft small">{{ t('compose.unmet', { rules: list(left) }) }}</p>
    <div class="turns" role="group" :aria-label="t('compose.steer')">
      <el-button-group v-for="axis in axes" :key="axis" size="small">
        <el-button
          v-for="i in [0, 1] as const"
          :key="i"
          :type="composer.steer[axis] === (i === 0 ? -1 : 1) ? 'primary' : 'default'"
          :aria-pressed="composer.steer[axis] === (i === 0 ? -1 : 1)"
          @click="composer.turn(axis, i === 0 ? -1 : 1)"
          >{{ turnName(axis, i) }}</el-button
        >
      </el-button-group>
    </div>
    <p class="tags">
      <el-tag v-for="id in used" :key="id" closable size="small" :aria-label="t('compose.notThis', { name: say.piece(id) })" @close="composer.leaveOut(id)">{{
        say.piece(id)
      }}</el-tag>
    </p>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}

.why {
  font-size: 14px;
  line-height: 1.4;
}

.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  font-weight: 600;
}

.turns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 6px;
}

.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
</style>
