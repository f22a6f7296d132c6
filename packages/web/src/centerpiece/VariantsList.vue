<script setup lang="ts">
import TextField from '../shell/TextField.vue'
import FoldAway from '../shell/FoldAway.vue'
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
  <FoldAway class="stack small" :title="t('compose.variants', { n: look.variants.length })">
    <ul>
      <li v-for="variant in look.variants" :key="variant.id">
        <span
          ><strong>{{ variant.name }}</strong> <span class="soft">{{ variant.why }}</span></span
        >
        <span class="row">
          <el-button class="plain link" @click="store.run(bringBackMiddle, variant.id, t('compose.wasHere'))">{{ t('compose.bringBack') }}</el-button>
          <el-button class="plain link" @click="store.run(forgetMiddle, variant.id)">
            {{ t('compose.forget') }}
          </el-button>
        </span>
      </li>
    </ul>
    <div class="pair">
      <TextField v-model="name" live :label="t('compose.variant')" />
      <TextField v-model="why" live :label="t('compose.why')" :max="1000" />
    </div>
    <el-button size="small" :disabled="most || look.centerpiece.length === 0" @click="putAside">{{ t('compose.keepVariant') }}</el-button>
  </FoldAway>
</template>

<style scoped>
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
