<script setup lang="ts">
import {
  addDish,
  changeDish,
  changeMenu,
  courseKinds,
  drinkKinds,
  flatwareFor,
  pourDrink,
  removeDish,
  saltOnTable,
  serveCourse,
  services,
  type Look,
  type Service
} from '@hestiad/core'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import CheckField from '../shell/CheckField.vue'
import ChoiceField from '../shell/ChoiceField.vue'
import LengthField from '../shell/LengthField.vue'
import { useLook } from '../stores/lookStore.js'
import BuffetRun from './BuffetRun.vue'
import DishCard from './DishCard.vue'

/** Courses, dishes and drinks, and what they ask of the table. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const serving = computed(() => store.resting?.serving)
const salt = computed(() => saltOnTable(props.look))
const order = computed(() => flatwareFor(props.look.occasion.courses, props.look.setting.dessertAbove, props.look.menu))
const roles = computed(() => [...order.value.left, ...order.value.right, ...order.value.above, ...order.value.broughtIn].map((role) => t(`role.${role}`)))
const potluck = computed(() => props.look.menu.dishes.filter((dish) => dish.broughtBy !== ''))
</script>

<template>
  <div class="stack">
    <div class="spread">
      <section class="stack">
        <fieldset class="checks">
          <legend>{{ t('menu.courses') }}</legend>
          <CheckField
            v-for="course in courseKinds"
            :key="course"
            :label="t(`brief.${course}`)"
            :model-value="look.occasion.courses.includes(course)"
            @update:model-value="store.run(serveCourse, course, $event)"
          />
        </fieldset>
        <ChoiceField
          :label="t('menu.service')"
          :model-value="look.menu.service"
          :choices="services.map((value) => ({ value, label: t(`menu.services.${value}`) }))"
          @update:model-value="store.run(changeMenu, { service: $event as Service })"
        />
        <p class="soft small tidy">{{ t('menu.flatware') }}: {{ roles.join(', ') || '–' }}.</p>
      </section>
      <section class="stack">
        <fieldset class="checks">
          <legend>{{ t('menu.drinks') }}</legend>
          <CheckField
            v-for="drink in drinkKinds"
            :key="drink"
            :label="t(`menu.drinkKinds.${drink}`)"
            :model-value="look.menu.drinks.includes(drink)"
            @update:model-value="store.run(pourDrink, drink, $event)"
          />
          <CheckField :label="t('menu.oneGlass')" :model-value="look.menu.oneGlass" @update:model-value="store.run(changeMenu, { oneGlass: $event })" />
        </fieldset>
      </section>
    </div>
    <h3>{{ t('menu.dishes') }}</h3>
    <p v-if="look.menu.dishes.length === 0" class="soft small tidy">{{ t('menu.empty') }}</p>
    <p v-if="look.menu.dishes.length > 0" class="columns soft small" aria-hidden="true">
      <span v-for="name in ['name', 'course', 'portion', 'vessel', 'eats'] as const" :key="name">{{ t(`menu.${name}`) }}</span>
    </p>
    <ul class="dishes">
      <DishCard
        v-for="dish in look.menu.dishes"
        :key="dish.id"
        :look="look"
        :dish="dish"
        :serving="serving?.servings.find((one) => one.dish.id === dish.id)"
        :on-table="serving?.onTable.filter((one) => one.dishId === dish.id) ?? []"
        @change="store.run(changeDish, $event)"
        @remove="store.run(removeDish, dish.id)"
      />
    </ul>
    <el-button size="small" @click="store.run(addDish, `${t('menu.newDish')} ${look.menu.dishes.length + 1}`)">{{ t('menu.add') }}</el-button>
    <hr class="rule" />
    <template v-if="serving && serving.buffet.length > 0">
      <h3>{{ t('menu.run') }}</h3>
      <BuffetRun :look="look" :stations="serving.buffet" />
      <LengthField
        :label="t('menu.sideboard')"
        :model-value="look.menu.sideboardMm"
        :max-mm="10000"
        optional
        @update:model-value="store.run(changeMenu, { sideboardMm: $event })"
        @clear="store.run(changeMenu, { sideboardMm: null })"
      />
    </template>
    <template v-if="serving && serving.shared.length > 0">
      <h3>{{ t('menu.shared') }}</h3>
      <ul class="lines small">
        <li v-for="item in serving.shared" :key="item.what">
          <span>{{ t(`menu.sharedItems.${item.what}`) }}</span><span>{{
            item.what === 'salt' && salt > 0 ? t('menu.standing', { count: item.count, standing: salt }) : item.count
          }}</span>
        </li>
      </ul>
    </template>
    <template v-if="potluck.length > 0">
      <h3>{{ t('menu.potluck') }}</h3>
      <ul class="lines small">
        <li v-for="dish in potluck" :key="dish.id">
          <span>{{ dish.name }}</span><span>{{ dish.broughtBy }}</span>
        </li>
      </ul>
    </template>
    <p class="soft small tidy">{{ t('menu.caution') }}</p>
  </div>
</template>

<style scoped>
.dishes {
  display: grid;
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

h3 {
  margin: 0;
}

.columns {
  display: none;
  margin: 0;
}

@container work (min-width: 540px) {
  .columns {
    display: grid;
    grid-template-columns: 1.7fr 1fr 1fr 1.6fr 1.2fr 22px;
    gap: 6px;
  }
}
</style>
