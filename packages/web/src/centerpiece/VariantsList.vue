<script setup lang="ts">
import { bringBackMiddle, forgetMiddle, rememberMiddle, type Look } from '@hestiad/core'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useLook } from '../stores/lookStore.js'

/** Middles that were tried and put aside, with why; each can be brought back. */
const props = defineProps<{ look: Look }>()
const { t } = useI18n()
const store = useLook()
const name = ref('')
const why = ref('')
const most = computed(() => props.look.variants.length >= 30)

function putAside(): void {
  store.run(rememberMiddle, name.value.trim() || t('compose.variantName', { n: props.look.variants.length + 1 }), why.value.trim())
  name.value = ''
  why.value = ''
}
</script>

<template>
  <details class="stack small">
    <summary>{{ t('compose.variants', { n: look.variants.length }) }}</summary>
    <ul>
      <li v-for="variant in look.variants" :key="variant.id">
        <span
          ><strong>{{ variant.name }}</strong> <span class="soft">{{ variant.why }}</span></span
        >
        <span class="row">
          <button class="plain link" @click="store.run(bringBackMiddle, variant.id, t('compose.wasHere'))">{{ t('compose.bringBack') }}</button>
          <button class="plain link" @click="store.run(forgetMiddle, variant.id)">
            {{ t('compose.forget') }}
          </button>
        </span>
      </li>
    </ul>
    <div class="pair">
      <div class="field">
        <label for="variant-name">{{ t('compose.variant') }}</label>
        <input id="variant-name" v-model="name" class="native" maxlength="200" />
      </div>
      <div class="field">
        <label for="variant-why">{{ t('compose.why') }}</label>
        <input id="variant-why" v-model="why" class="native" maxlength="1000" />
      </div>
    </div>
    <el-button size="small" :disabled="most || look.centerpiece.length === 0" @click="putAside">{{ t('compose.keepVariant') }}</el-button>
  </details>
</template>

<style scoped>
summary {
  padding: 2px 0;
  font: 560 15px var(--serif);
  cursor: pointer;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 3px 0;
  border-bottom: 1px solid var(--hairline);
}

.row {
  gap: 10px;
}
</style>
