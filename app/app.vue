<template>
  <NuxtRouteAnnouncer />
  <NuxtPage />
  <NoticeBar />
</template>
