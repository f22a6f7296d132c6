<script setup lang="ts">
import SelectField from '../shell/SelectField.vue'
import FoldAway from '../shell/FoldAway.vue'
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
const patternChoices = computed(() =>
  patterns.value.map((one, i) => ({ value: String(i), label: t('settings.patternOf', { name: one.name, pieces: one.pieces.length }, one.pieces.length) }))
)
const choices = (role: FlatwareRole) =>
  piecesOf(props.look, 'flatware')
    .filter((piece) => piece.role === role)
    .map((piece) => ({ value: piece.id, label: t('settings.ownedOf', { name: piece.name, owned: piece.owned }) }))

function lay(chosen: string | null): void {
  const found = chosen === null ? undefined : patterns.value[Number(chosen)]
  if (found) store.run(layPattern, props.kind, found.pieces.map((piece) => piece.id)) // prettier-ignore
}
</script>

<template>
  <div class="stack">
    <SelectField
      :label="t('settings.pattern')"
      :model-value="pattern < 0 ? null : String(pattern)"
      :choices="patternChoices"
      :none="t('settings.mixedPattern')"
      :empty="t('settings.noPattern')"
      @update:model-value="lay"
      @none="lay(null)"
    />
    <FoldAway :title="t('settings.byPiece')">
      <div class="stack">
        <SelectField
          v-for="role in parts"
          :key="role"
          :label="t(`role.${role}`)"
          :model-value="laidFor(role)?.id ?? null"
          :choices="choices(role)"
          :none="t('settings.notLaid')"
          :empty="t('settings.noneOwned')"
          @update:model-value="store.run(layFlatware, kind, role, $event)"
          @none="store.run(layFlatware, kind, role, null)"
        />
      </div>
    </FoldAway>
  </div>
</template>
