import regexp from 'eslint-plugin-regexp'
import withNuxt from './.nuxt/eslint.config.mjs'
import { ownRows } from './scripts/lint/own-rows.mjs'

/** Dependencies point one way: core uses nothing of the interface, the server or the machine. */
const CORE_ONLY = {
  files: ['core/**/*.ts'],
  ignores: ['core/**/*.test.ts'],
  rules: {
    'no-restricted-imports': ['error', { patterns: [{ regex: '^(vue|nuxt|#|~|@/|pinia|h3|node:|fs$|path$|better-sqlite3|drizzle)', message: 'core is plain TypeScript: no interface, no server, no Node modules.' }] }],
    'no-restricted-globals': ['error', 'document', 'window', 'fetch', 'process', 'localStorage', 'navigator', 'Buffer', '__dirname', 'setTimeout', 'setInterval'],
  },
}
/** Inside core: text <- source <- styles <- compose <- sheet <- intake <- check, and sheet <- handin. */
const layer = (from, forbidden) => ({
  files: [`core/${from}/**/*.ts`], ignores: ['core/**/*.test.ts'],
  rules: { 'no-restricted-imports': ['error', { patterns: [
    { regex: '^(vue|nuxt|#|~|@/|pinia|h3|node:|fs$|path$|better-sqlite3|drizzle)', message: 'core is plain TypeScript.' },
    { regex: `^(\\.\\./)+(${forbidden.join('|')})/`, message: `core/${from} stands below these.` },
  ] }] },
})

/** Whatever reads a person's text is linear in its length: no expression may try the same letters again and again. */
const LINEAR = {
  files: ['core/**/*.ts', 'app/**/*.ts', 'app/**/*.vue', 'server/**/*.ts'],
  ignores: ['**/*.test.ts'],
  plugins: { regexp },
  rules: { 'regexp/no-super-linear-backtracking': ['error', { report: 'certain' }], 'regexp/no-super-linear-move': ['error', { report: 'certain' }] },
}

/** A line of code can be read on half a screen; words, addresses and expressions are as long as they are. */
const LINE = { code: 140, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true, ignoreUrls: true }
const NARROW = {
  files: ['core/**/*.ts', 'app/**/*.ts', 'server/**/*.ts', 'bin/**/*.ts', 'bench/**/*.{ts,mjs}', 'scripts/**/*.mjs', 'tests/**/*.ts', '*.{ts,mjs}'],
  // Rows of data are read along, not down.
  ignores: ['**/data/**', 'core/styles/**', 'core/source/kinds/**', 'core/source/{fields,kind-words,locators}.ts', 'server/db/demo/**', 'server/catalogue/**'],
  rules: { '@stylistic/max-len': ['error', LINE] },
}
/** Views are made of parts: what can be pressed, written in or chosen is one of them. */
const PARTS = {
  files: ['app/**/*.vue'],
  ignores: ['app/components/parts/**', 'app/pages/parts/empty.vue'],
  rules: { 'vue/no-restricted-html-elements': ['error', ...['button', 'input', 'select', 'textarea'].map(element => ({ element, message: 'Use the part for it (app/components/parts).' }))] },
}

/** What a person typed finds a table's own rows, and never what every object inherits. */
const OWN_ROWS = {
  files: ['core/**/*.ts', 'app/**/*.{ts,vue}', 'server/**/*.ts', 'bin/**/*.ts'],
  ignores: ['**/*.test.ts'],
  plugins: { dendle: { rules: { 'own-rows': ownRows } } },
  rules: { 'dendle/own-rows': 'error' },
}

export default withNuxt(
  { rules: {
    '@stylistic/brace-style': 'off', '@stylistic/max-statements-per-line': 'off', '@stylistic/quote-props': 'off', '@stylistic/operator-linebreak': 'off', '@stylistic/arrow-parens': 'off', '@stylistic/multiline-ternary': 'off',
    '@stylistic/no-extra-parens': 'off', '@stylistic/indent': 'off', '@stylistic/indent-binary-ops': 'off', '@stylistic/no-multi-spaces': 'off',
    'vue/multi-word-component-names': 'off', 'vue/singleline-html-element-content-newline': 'off', 'vue/multiline-html-element-content-newline': 'off', 'vue/html-closing-bracket-newline': 'off', 'vue/html-indent': 'off', 'vue/no-multiple-template-root': 'off',
  } },
  LINEAR,
  NARROW,
  PARTS,
  OWN_ROWS,
  CORE_ONLY,
  layer('text', ['styles', 'compose', 'check', 'sheet', 'handin', 'intake', 'drill', 'source', 'compare']),
  layer('source', ['styles', 'compose', 'check', 'sheet', 'handin', 'intake', 'drill', 'compare']),
  layer('styles', ['compose', 'check', 'sheet', 'handin', 'intake', 'drill', 'compare']),
  layer('compose', ['check', 'sheet', 'handin', 'intake', 'drill', 'compare']),
  layer('sheet', ['check', 'handin', 'drill', 'intake', 'compare']),
  layer('intake', ['check', 'handin', 'drill', 'compare']),
  layer('check', ['handin', 'drill', 'compare']),
  layer('compare', ['check', 'handin', 'drill']),
  layer('handin', ['check', 'drill', 'intake', 'compare']),
)
