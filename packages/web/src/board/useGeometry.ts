import { placeLayouts, seatPlan, standings, type Look } from '@hestiad/core'
import { computed, type Ref } from 'vue'

/** The geometry that drawing needs, worked out on the page so that a drag follows the pointer; each part only when it changed. */
export function useGeometry(look: Ref<Look>) {
  const table = computed(() => look.value.table)
  const guests = computed(() => look.value.guests)
  const comfort = computed(() => look.value.school.comfort)
  const setting = computed(() => look.value.setting)
  const courses = computed(() => look.value.occasion.courses)
  const pieces = computed(() => look.value.pieces)
  const menu = computed(() => look.value.menu)
  const kinds = computed(() => look.value.kinds)
  const laid = computed(() => ({
    setting: setting.value,
    kinds: kinds.value,
    occasion: { courses: courses.value },
    menu: menu.value,
    pieces: pieces.value
  }))
  const plan = computed(() => seatPlan({ table: table.value, guests: guests.value, school: { comfort: comfort.value }, ...laid.value }))
  const layouts = computed(() => placeLayouts({ ...laid.value, guests: guests.value }, plan.value.places))
  const centerpiece = computed(() => look.value.centerpiece)
  const standing = computed(() => standings({ centerpiece: centerpiece.value, pieces: pieces.value }))
  return { plan, layouts, standing }
}
