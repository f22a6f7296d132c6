<script setup lang="ts">
import {
  flatwarePatterns,
  layFlatware,
  layPattern,
  pieceIndex,
  piecesOf,
  type FlatwareOrder,
  type FlatwareRole,
  type KindKey,
  type Look,
  type PlaceSetting
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'

/** Which flatware is laid: a whole pattern, or piece by piece for the parts the courses ask for. */
const props = defineProps<{ look: Look; kind: KindKey; setting: PlaceSetting; order: FlatwareOrder }>()
const { t } = useI18n()
const store = useLook()
const patterns = computed(() => flatwarePatterns(props.look.pieces))
const laid = computed(() => {
  const index = pieceIndex(props.look)
  return props.setting.flatwareIds.flatMap((id) => index.get(id) ?? [])
})
const parts = computed(() => {
  const { left, right, above, broughtIn } = props.order
  return [...new Set([...[...left].reverse(), ...right, ...above, ...broughtIn])]
})
const laidFor = (role: FlatwareRole) => laid.value.find((piece) => piece.kind === 'flatware' && piece.role === role)
/** The pattern all pieces asked for are of; null where they are mixed. */
const pattern = computed(() =>
  patterns.value.findIndex((one) => laid.value.length > 0 && laid.value.every((piece) => one.pieces.some(({ id }) => id === piece.id)))
)
const choices = (role: FlatwareRole) => piecesOf(props.look, 'flatware').filter((piece) => piece.role === role)
const owned = (piece: { name: string; owned: number }) => t('settings.ownedOf', { name: piece.name, owned: piece.owned })
</script>

<template>
  <div class="stack">
    <div class="field">
      <label :for="`pattern-${kind}`">{{ t('settings.pattern') }}</label>
      <el-select
        :id="`pattern-${kind}`"
        :model-value="pattern < 0 ? undefined : pattern"
        :placeholder="t('settings.mixedPattern')"
        :no-data-text="t('settings.noPattern')"
        @update:model-value="
          store.run(
            layPattern,
            kind,
            patterns[$event]!.pieces.map((piece) => piece.id)
          )
        "
      >
        <el-option v-for="(one, i) in patterns" :key="i" :value="i" :label="t('settings.patternOf', { name: one.name, pieces: one.pieces.length })" />
      </el-select>
    </div>
    <details>
      <summary>{{ t('settings.byPiece') }}</summary>
      <div class="pair">
        <div v-for="role in parts" :key="role" class="field">
          <label :for="`${kind}-${role}`">{{ t(`role.${role}`) }}</label>
          <el-select
            :id="`${kind}-${role}`"
            :model-value="laidFor(role)?.id"
            clearable
            :placeholder="t('settings.notLaid')"
            :no-data-text="t('settings.noneOwned')"
            @update:model-value="store.run(layFlatware, kind, role, $event || null)"
          >
            <el-option v-for="piece in choices(role)" :key="piece.id" :value="piece.id" :label="owned(piece)" />
          </el-select>
        </div>
      </div>
    </details>
  </div>
</template>

<style scoped>
summary {
  cursor: pointer;
}
</style>
