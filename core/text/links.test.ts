import { expect, it } from 'vitest'
import { safeLink } from './links'

it.each<[string, string | undefined]>([
  ['https://a.example/x?y=1', 'https://a.example/x?y=1'],
  ['HTTP://A.example', 'HTTP://A.example'],
  ['mailto:ada@a.example', 'mailto:ada@a.example'],
  ['#note-1', '#note-1'],
  ['  https://a.example', 'https://a.example'],
  ['javascript:alert(1)', undefined],
  [' \u0001javascript:alert(1)', undefined],
  ['java\nscript:alert(1)', undefined],
  ['https://a.example/\njavascript:x', undefined],
  ['data:text/html,<script>', undefined],
  ['vbscript:x', undefined],
  ['file:///etc/passwd', undefined],
  ['//a.example', undefined],
  ['', undefined],
])('%j', (address, link) => expect(safeLink(address)).toBe(link))
