<script setup lang="ts">
import FoldAway from '../shell/FoldAway.vue'
import { changeLamp, changeRoom, hangLamp, setWall, sides, type Look } from '@hestiad/core'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import LengthField from '../shell/LengthField.vue'
import SelectField from '../shell/SelectField.vue'
import ViewFields from './ViewFields.vue'
import WallFields from './WallFields.vue'
import { useLook } from '../stores/lookStore.js'

/** What stands around and above the table: walls, who passes, the window, a lamp. */
defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
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
      </div>
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
</style>
