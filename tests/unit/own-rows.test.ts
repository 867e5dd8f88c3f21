import { Linter } from 'eslint'
import * as parser from '@typescript-eslint/parser'
import { expect, it } from 'vitest'
import { ownRows } from '../../scripts/lint/own-rows.mjs'

const linter = new Linter()
const found = (code: string) =>
  linter.verify(code, [
    { files: ['**/*.ts'], languageOptions: { parser }, plugins: { dendle: { rules: { 'own-rows': ownRows as never } } }, rules: { 'dendle/own-rows': 'error' } },
  ], 'a.ts').length

it.each([
  ['a table read by what was typed', 'const ROWS: Record<string, string> = { a: "b" }\nexport const f = (w: string) => ROWS[w]', 1],
  ['a table that is read only', 'const ROWS: Readonly<Record<string, string>> = {}\nexport const f = (w: string) => ROWS[w.toLowerCase()]!', 1],
  ['its rows asked for', 'const ROWS: Record<string, string> = {}\nexport const f = (w: string) => rowOf(ROWS, w)', 0],
  ['a row that is named', 'const ROWS: Record<string, string> = {}\nexport const f = () => ROWS["a"]', 0],
  ['a table by ids, which the types hold', 'const ROWS: Record<"a" | "b", string> = { a: "", b: "" }\nexport const f = (w: "a") => ROWS[w]', 0],
  ['a row that is written', 'const ROWS: Record<string, string> = {}\nROWS[String(1)] = "x"', 0],
])('%s', (_, code, n) => expect(found(code)).toBe(n))
