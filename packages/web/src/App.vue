<script setup lang="ts">
import { RouterView } from 'vue-router'
import { usePreferences } from './stores/preferences.js'

// the theme is every page's
usePreferences()
</script>

<template>
  <RouterView />
</template>
