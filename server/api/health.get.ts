export default api(() => ({ ready: Boolean(useDb()) }))
