<script setup lang="ts">
/** A stage with one thing as large as the window lets it be, and two small pictures below it, each with its words. */
defineProps<{ label: string; title: string; size: string; first: string; second: string }>()
defineSlots<{ default(): unknown; first(): unknown; second(): unknown }>()
</script>

<template>
  <section class="stage" :aria-label="label">
    <p class="caption">
      <span class="serif">{{ title }}</span>
      <span class="soft small">{{ size }}</span>
    </p>
    <div class="large"><slot /></div>
    <div class="low">
      <figure>
        <slot name="first" />
        <figcaption class="soft small">{{ first }}</figcaption>
      </figure>
      <figure>
        <slot name="second" />
        <figcaption class="soft small">{{ second }}</figcaption>
      </figure>
    </div>
  </section>
</template>

<style scoped>
.stage {
  display: grid;
  grid-template-rows: auto minmax(0, 1.7fr) minmax(0, 1fr);
  gap: 6px;
  height: 100%;
  overflow: hidden;
  padding: 8px 14px 10px;
  border: 1px solid var(--hairline);
  border-radius: 6px;
  background: var(--paper);
}

.caption {
  display: flex;
  justify-content: space-between;
  margin: 0;
}

.serif {
  font: 560 15px var(--serif);
}

.large {
  position: relative;
  min-height: 0;
}

.low {
  display: grid;
  grid-template-columns: 1fr 1.2fr;
  gap: 18px;
  min-height: 0;
}

figure {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
  margin: 0;
}

.large > :deep(svg),
figure > :deep(svg) {
  width: 100%;
  height: 100%;
  max-height: none;
  min-height: 0;
}
</style>
