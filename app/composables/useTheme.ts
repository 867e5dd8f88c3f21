/** Light or night; kept in this browser. */
export function useTheme() {
  const theme = useState<'light' | 'night'>('theme', () => 'light')
  onMounted(() => { theme.value = document.documentElement.dataset.theme === 'night' ? 'night' : 'light' })
  function toggle() {
    theme.value = theme.value === 'night' ? 'light' : 'night'
    document.documentElement.dataset.theme = theme.value
    try { localStorage.setItem('dendle-theme', theme.value) }
    catch { /* a private window: the choice lasts as long as the page */ }
  }
  return { theme, toggle }
}
