<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { changeLamp, changeRoom, dressLamp, goesRoundLamp, hangLamp, lampGreensCount, pieceIndex, setWall, sides, type Look } from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import PieceSelect from '../shell/PieceSelect.vue'
import LengthField from '../shell/LengthField.vue'
import SelectField from '../shell/SelectField.vue'
import ViewFields from './ViewFields.vue'
import WallFields from './WallFields.vue'
import { useLook } from '../stores/lookStore.js'

/** What stands around and above the table: walls, who passes, the window, a lamp. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const lampCount = computed(() => (props.look.room.fixture ? lampGreensCount(props.look.room.fixture, pieceIndex(props.look)) : 0))
</script>

<template>
  <FoldAway :title="t('seats.room')">
    <div class="stack">
      <span class="soft small">{{ t('seats.clear') }}</span>
      <div v-for="side in sides" :key="side" class="wall">
        <CheckField
          :label="t(`seats.sides.${side}`)"
          :model-value="look.room.clearMm[side] !== null"
          @update:model-value="store.run(setWall, side, $event ? 'near' : null)"
        />
        <LengthField
          v-if="look.room.clearMm[side] !== null"
          bare
          :label="`${t('seats.clear')}, ${t(`seats.sides.${side}`)}`"
          :model-value="look.room.clearMm[side]!"
          :min-mm="0"
          :max-mm="10000"
          @update:model-value="store.run(setWall, side, $event)"
        />
      </div>
      <div class="checks">
        <CheckField :label="t('seats.pass')" :model-value="look.room.pass" @update:model-value="store.run(changeRoom, { pass: $event })" />
        <CheckField :label="t('seats.lamp')" :model-value="look.room.fixture !== null" @update:model-value="store.run(hangLamp, $event)" />
      </div>
      <div v-if="look.room.fixture" class="pair">
        <LengthField
          :label="t('seats.lampBottom')"
          :model-value="look.room.fixture.bottomMm"
          :max-mm="6000"
          @update:model-value="store.run(changeLamp, { bottomMm: $event })"
        />
        <LengthField
          :label="t('seats.lampWidth')"
          :model-value="look.room.fixture.widthMm"
          :max-mm="4000"
          @update:model-value="store.run(changeLamp, { widthMm: $event })"
        />
        <PieceSelect
          :label="t('seats.lampGreens')"
          :none="t('seats.lampBare')"
          :model-value="look.room.fixture.greens?.pieceId ?? null"
          :pieces="look.pieces.filter(goesRoundLamp)"
          @update:model-value="store.run(dressLamp, $event)"
        />
        <LengthField
          v-if="look.room.fixture.greens"
          :label="t('seats.lampHangs')"
          :model-value="look.room.fixture.greens.hangsMm"
          :min-mm="0"
          :max-mm="1500"
          @update:model-value="store.run(changeLamp, { greens: { ...look.room.fixture.greens, hangsMm: $event } })"
        />
      </div>
      <p v-if="look.room.fixture?.greens" class="soft small">{{ t('seats.lampCount', lampCount) }} {{ t('seats.lampCare') }}</p>
      <SelectField
        :label="t('seats.light')"
        :model-value="look.room.lightFrom"
        :none="t('seats.noLight')"
        :choices="sides.map((value) => ({ value, label: t(`seats.sides.${value}`) }))"
        @update:model-value="store.run(changeRoom, { lightFrom: $event })"
        @none="store.run(changeRoom, { lightFrom: null })"
      />
      <ViewFields :look="look" />
      <WallFields :look="look" />
    </div>
  </FoldAway>
</template>

<style scoped>
.wall {
  display: grid;
  grid-template-columns: 110px 1fr;
  align-items: center;
  min-height: 34px;
}

p {
  margin: 0;
}
</style>
