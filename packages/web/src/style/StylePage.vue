<script setup lang="ts">
import { styleOf, ways, type Style, type Way } from '@hestiad/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useI18n } from 'vue-i18n'
import AvoidField from '../brief/AvoidField.vue'
import MoodField from '../brief/MoodField.vue'
import PaletteField from '../brief/PaletteField.vue'
import { everyLook } from '../looks/everyLook.js'
import TasteNote from '../looks/TasteNote.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import CountField from '../shell/CountField.vue'
import PageHeader from '../shell/PageHeader.vue'
import SelectField from '../shell/SelectField.vue'
import TextField from '../shell/TextField.vue'
import { useStyle } from '../stores/style.js'
import { useTaste } from '../stores/taste.js'

/** How the stylist works, whatever the occasion: what a new brief begins with, and what was learned from looks that were kept and dropped. */
const { t } = useI18n()
const store = useStyle()
const taste = useTaste()
const before = shallowRef<Style>()
const looks = shallowRef<Awaited<ReturnType<typeof everyLook>>>([])
const from = ref<string | null>(null)

/** Each way with what it is called where a look says it. */
const wayWords = {
  comfort: ['brief.comfort', 'brief'],
  drop: ['linens.style', 'linens'],
  fullness: ['compose.fullness', 'compose.fullnesses'],
  symmetry: ['compose.symmetry', 'compose.symmetries'],
  groups: ['compose.groups', 'compose.groupKinds'],
  safety: ['brief.safety', 'brief']
} as const satisfies Record<Way, readonly [string, string]>
const fields = computed(() =>
  (Object.keys(ways) as Way[]).map((way) => {
    const [label, names] = wayWords[way]
    return { way, label: t(label), choices: ways[way].map((value) => ({ value: value as string, label: t(`${names}.${value}`) })) }
  })
)
const setWays = (part: Partial<Style['ways']>) => store.change({ ways: { ...store.style.ways, ...part } })

onMounted(async () => (looks.value = await everyLook()))

function takeFrom(id: string): void {
  const look = looks.value.find((one) => one.value === id)?.look
  if (!look) return
  before.value = store.style
  from.value = id
  store.change(styleOf(look))
}

function forget(): void {
  before.value = store.style
  from.value = null
  store.forget()
}

function takeBack(): void {
  if (before.value) store.change(before.value)
  before.value = undefined
  from.value = null
}
document.title = `${t('style.title')} · Hestiad`
</script>

<template>
  <div class="page">
    <PageHeader :title="t('style.title')" here="style" />
    <p class="soft lead">{{ t('style.does') }}</p>
    <main class="two">
      <section class="stack">
        <h2>{{ t('style.mine') }}</h2>
        <TextField
          :label="t('style.says')"
          :placeholder="t('style.saysAs')"
          :model-value="store.style.says"
          :max="1000"
          :rows="3"
          @update:model-value="store.change({ says: $event })"
        />
        <MoodField :model-value="store.style.moods" @update:model-value="store.change({ moods: $event })" />
        <div class="field">
          <span class="label">{{ t('meant.palette') }}</span>
          <PaletteField :palette="store.style.palette" :moods="store.style.moods" @change="store.change({ palette: $event })" />
        </div>
        <AvoidField :label="t('style.never')" :words="store.style.avoid" @change="store.change({ avoid: $event })" />
      </section>
      <section class="stack">
        <h2>{{ t('style.ways') }}</h2>
        <ChoiceField
          v-for="{ way, label, choices } in fields"
          :key="way"
          :label="label"
          :choices="choices"
          :model-value="store.style.ways[way] as string"
          @update:model-value="setWays({ [way]: $event })"
        />
        <div class="pair">
          <CountField
            :label="t('florals.spare')"
            :step="5"
            :model-value="store.style.ways.spareStemsPercent"
            @update:model-value="setWays({ spareStemsPercent: $event })"
          />
          <CountField
            :label="t('compose.hidden')"
            :step="5"
            :model-value="store.style.ways.hiddenPercent"
            @update:model-value="setWays({ hiddenPercent: $event })"
          />
        </div>
      </section>
      <section class="stack from">
        <h2>{{ t('style.from') }}</h2>
        <SelectField v-if="looks.length > 0" :label="t('style.fromLook')" :model-value="from" :choices="looks" @update:model-value="takeFrom($event)" />
        <p class="row">
          <el-button v-if="store.isSaid" class="plain link" @click="forget">{{ t('style.forget') }}</el-button>
          <el-button v-if="before" class="plain link" @click="takeBack">{{ t('style.takeBack') }}</el-button>
        </p>
      </section>
      <section class="stack">
        <h2>{{ t('style.learned') }}</h2>
        <p v-if="taste.choices.length === 0" class="soft">{{ t('style.nothingLearned') }}</p>
        <TasteNote open />
      </section>
    </main>
  </div>
</template>

<style scoped>
.page {
  max-width: 1180px;
  margin: 0 auto;
  padding: 0 28px 40px;
}

.lead {
  max-width: 62ch;
  margin: 0 0 18px;
}

.two {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(300px, 1fr);
  gap: 34px 56px;
  align-items: start;
}

.from {
  order: 1;
}

/* labels of one line and of two stand over boxes of one height */
.pair {
  align-items: end;
}

h2,
p {
  margin: 0;
}

@media (max-width: 860px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 30px;
  }
}
</style>
