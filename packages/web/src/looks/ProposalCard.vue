<script setup lang="ts">
import { formatMoney, layers, type WholeLook } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import MiniTable from '../board/MiniTable.vue'
import { list, percent } from '../findings/findingWords.js'
import FoldAway from '../shell/FoldAway.vue'
import { smallerNames } from '../shell/words/findings/inSentence.js'
import { ruleNames } from '../shell/words/findings/ruleNames.js'

/** A composed look: its picture, colors and figures, what it is laid with and why, what it leaves to mend. */
const props = defineProps<{ whole: WholeLook; shown: boolean; busy: boolean }>()
const emit = defineEmits<{ lay: []; keep: []; back: [] }>()
const { t } = useI18n()
const money = (cents: number) => formatMoney(cents, props.whole.look.money.currency)
const names = computed(() => new Map(props.whole.look.pieces.map((piece) => [piece.id, piece.name])))
const left = computed(() => [...new Set(props.whole.toMend.map((finding) => ruleNames[finding.code]))])
/** Layer by layer: names, and the reasons they have together. */
const told = computed(() =>
  layers.flatMap((layer) => {
    const choices = props.whole.choices.filter((choice) => choice.layer === layer)
    if (choices.length === 0) return []
    const why = [...new Set(choices.flatMap((choice) => choice.why))].map((one) => t(`looks.why.${one}`))
    return [{ layer, names: list(choices.map((choice) => names.value.get(choice.pieceId) ?? '')), why: list(why) }]
  })
)
const middle = computed(() => [...new Set(props.whole.look.centerpiece.map((placed) => names.value.get(placed.pieceId) ?? ''))])
/** What it is, what its middle is, and what was given up for it, sentence by sentence. */
const says = computed(() => {
  const { followed, direction, pattern, spared, smaller, clearedForMeal } = props.whole
  return [
    t(followed ? `looks.says.${direction}` : 'looks.notFollowed'),
    pattern ? t('looks.middle', { pattern: t(`compose.names.${pattern}`), pieces: list(middle.value) }) : t('looks.noMiddle'),
    ...(spared ? [t('looks.spared')] : []),
    ...(smaller.length > 0 ? [t('looks.smaller', { steps: list(smaller.map((step) => smallerNames[step])) })] : []),
    ...(clearedForMeal ? [t('looks.cleared')] : [])
  ].join(' ')
})
const lacking = computed(() => {
  const { lacking } = props.whole
  const things = lacking.map(({ what, have }) => t(`looks.lackingOf.${what}`, { have }))
  return lacking[0] && t('looks.lacking', { asked: lacking[0].asked, things: list(things) })
})
const figures = computed(() => [
  { label: t('looks.spend'), value: money(props.whole.figures.spendCents) },
  { label: t('ledger.left'), value: money(props.whole.figures.leftCents), alarm: props.whole.figures.leftCents < 0 },
  { label: t('ledger.owned'), value: percent(props.whole.figures.ownedShare) },
  { label: t('ledger.seen'), value: percent(props.whole.figures.facesShare), alarm: props.whole.figures.facesShare < 1 },
  { label: t('ledger.lifts'), value: String(props.whole.figures.lifts) },
  { label: t('looks.together'), value: percent(props.whole.score) }
])
</script>

<template>
  <article class="card" :class="{ on: shown }" :data-direction="whole.direction">
    <el-button
      class="plain picture"
      :aria-pressed="shown"
      :aria-label="t('looks.layNamed', { name: t(`looks.direction.${whole.direction}`) })"
      @click="emit('lay')"
    >
      <MiniTable :look="whole.look" close />
    </el-button>
    <div class="row between head">
      <h3>{{ t(`looks.direction.${whole.direction}`) }}</h3>
      <span class="strip" aria-hidden="true"><span v-for="color in whole.palette" :key="color" :style="{ background: color }" /></span>
    </div>
    <p class="soft small">
      {{ says }}
    </p>
    <p v-if="lacking" class="bad small">{{ lacking }}</p>
    <dl>
      <div v-for="one in figures" :key="one.label" :class="{ bad: one.alarm }">
        <dt>{{ one.label }}</dt>
        <dd>{{ one.value }}</dd>
      </div>
    </dl>
    <p class="small" :class="left.length > 0 ? 'bad' : 'soft'">{{ left.length > 0 ? t('looks.leaves', { rules: list(left) }) : t('looks.leavesNothing') }}</p>
    <FoldAway class="small" :title="t('looks.whyThese')">
      <ul>
        <li v-for="one in told" :key="one.layer">
          <strong>{{ t(`looks.layer.${one.layer}`) }}</strong> {{ one.names }}: <span class="soft">{{ one.why }}</span>
        </li>
      </ul>
    </FoldAway>
    <div class="row">
      <el-button v-if="shown" @click="emit('back')">{{ t('looks.back') }}</el-button>
      <el-button v-else type="primary" @click="emit('lay')">{{ t('looks.lay') }}</el-button>
      <el-button :loading="busy" @click="emit('keep')">{{ t('looks.keepBeside') }}</el-button>
    </div>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  gap: 7px;
  align-content: start;
  padding: 10px;
  border: 1px solid var(--hairline);
  border-radius: var(--radius);
  background: var(--paper);
}

.on {
  border-color: var(--ember);
  box-shadow: inset 0 0 0 1px var(--ember);
}

.picture {
  width: 100%;
}

.picture :deep(svg) {
  height: 150px;
}

.head {
  align-items: center;
}

.strip {
  display: flex;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  overflow: hidden;
}

.strip span {
  width: 18px;
  height: 14px;
}

dl {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 4px 10px;
  margin: 0;
}

dt {
  color: var(--soft-ink);
  font-size: 11.5px;
}

dd {
  margin: 0;
  font: 560 15px var(--serif);
}

.bad dd,
.bad {
  color: var(--ember);
}

ul {
  display: grid;
  gap: 3px;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

p {
  margin: 0;
}
</style>
