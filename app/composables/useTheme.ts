/** Light or night; kept in this browser. */
export function useTheme() {
  const theme = useState<'light' | 'night'>('theme', () => 'light')
  onMounted(() => { theme.value = document.documentElement.dataset.theme === 'night' ? 'night' : 'light' })
  function toggle() {
    theme.value = theme.value === 'night' ? 'light' : 'night'
    document.documentElement.dataset.theme = theme.value
    remember('dendle-theme', theme.value)
  }
  return { theme, toggle }
}
