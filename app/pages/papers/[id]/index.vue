<script setup lang="ts">
definePageMeta({ redirect: to => `${to.path.replace(/\/$/u, '')}/gather` })
</script>

<template>
  <div />
</template>
