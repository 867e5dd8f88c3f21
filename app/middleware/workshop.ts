/** Pages for those who build Dendle: there in development, and in a built one that is told to show them (NUXT_PUBLIC_PARTS=1). */
export default defineNuxtRouteMiddleware(() => {
  if (!import.meta.dev && !useRuntimeConfig().public.parts) return abortNavigation({ statusCode: 404 })
})
