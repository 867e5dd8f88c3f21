import { expect, it } from 'vitest'
import { withoutSite, withoutSiteBehind } from './site-name'

it.each<[string, string, string, string]>([
  ['Mending the Pond | Carewick Notes', 'Carewick Notes', 'Mending the Pond', 'Mending the Pond'],
  ['Mending the Pond – carewick notes', 'Carewick Notes', 'Mending the Pond', 'Mending the Pond'],
  ['Mending the Pond: Carewick Notes', 'Carewick Notes', 'Mending the Pond', 'Mending the Pond: Carewick Notes'],
  ['Carewick Notes - Mending the Pond', 'Carewick Notes', 'Mending the Pond', 'Carewick Notes - Mending the Pond'],
  ['On Human-Nature', 'Nature', 'On Human-Nature', 'On Human-Nature'],
  ['Mending the Pond with Carewick Notes', 'Carewick Notes', 'Mending the Pond with Carewick Notes', 'Mending the Pond with Carewick Notes'],
  ['Carewick Notes', 'Carewick Notes', 'Carewick Notes', 'Carewick Notes'],
  ['Mending (the Pond) | C++ [Notes]', 'C++ [Notes]', 'Mending (the Pond)', 'Mending (the Pond)'],
  ['Mending the Pond', '', 'Mending the Pond', 'Mending the Pond'],
  ['Pond | x', 'x'.repeat(100_000), 'Pond | x', 'Pond | x'],
])('%s', (title, site, bare, behind) => expect([withoutSite(title, site), withoutSiteBehind(title, site)]).toEqual([bare, behind]))
