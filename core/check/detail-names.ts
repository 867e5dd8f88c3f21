/** Names in the wrong place or shape: swapped, joined, shouted, groups as people and people as groups. */
import { FIELDS, NAME_FIELDS } from '../source/fields'
import { withField, type Fields } from '../source/model'
import { looksLikeGroup, readName, wholeName, writeName, type Name } from '../source/names'
import type { DetailFound, DetailRule } from './detail-rule'

interface Slip { rule: string, says: string, label: string, becomes: Name[] }

const INITIALS_ONLY = /^(?:\p{Lu}\.?[\s-]?){1,4}$/u
const ET_AL = /^(?:and\s+)?(?:et\.?\s*al\.?|and others|others)$/iu

function slipOf(name: Name): Slip | undefined {
  const whole = wholeName(name)
  const said = name.literal ?? name.family ?? ''
  const written = writeName(name)
  if (ET_AL.test(whole.trim()))
    return {
      rule: 'name-et-al',
      says: `“${whole}” is no one’s name: give every author, and the style shortens the list by itself.`,
      label: 'Take it out',
      becomes: [],
    }
  const tail = /^(.*?)[\s,]+(?:et\.?\s*al\.?|and others)$/iu.exec(said)
  if (tail && !name.given)
    return {
      rule: 'name-et-al',
      says: `“${whole}” ends with et al.: give every author, and the style shortens the list by itself.`,
      label: `Keep ${tail[1]}`,
      becomes: [readName(tail[1]!)],
    }
  if (name.family && name.given && INITIALS_ONLY.test(name.family) && name.family.includes('.') && !INITIALS_ONLY.test(name.given)) {
    return {
      rule: 'name-swapped',
      says: `“${name.family}” looks like initials and “${name.given}” like a surname.`,
      label: 'Swap them',
      becomes: [{ ...name, family: name.given, given: name.family }],
    }
  }
  if (name.family && looksLikeGroup(whole) && (name.given?.split(/\s+/u).length ?? 0) + name.family.split(/\s+/u).length > 2) {
    return {
      rule: 'name-group',
      says: `“${written}” is read as a person, with ${name.family} as the surname; it looks like an organisation.`,
      label: 'It is a group',
      becomes: [{ literal: whole }],
    }
  }
  if (name.literal) {
    const parts = name.literal.split(/\s+(?:and|&)\s+|\s*;\s*/u)
    if (
      parts.length > 1
      && parts.every((part) =>
        /^\p{Lu}[\p{L}’'-]+,\s*\p{Lu}|^(?:\p{Lu}\.\s?)+\p{Lu}\p{L}+$|^\p{Lu}\p{L}+(?:\s\p{Lu}\.?)*\s\p{Lu}\p{L}+$/u.test(part),
      )
      && !looksLikeGroup(name.literal)
    ) {
      return {
        rule: 'name-joined',
        says: `“${name.literal}” holds ${parts.length} names.`,
        label: 'Split them',
        becomes: parts.map(readName),
      }
    }
    if (/^\p{Lu}[\p{L}’'-]+(?:\s(?:\p{Lu}\.\s?)+)\p{Lu}[\p{L}’'-]+$/u.test(name.literal) && !looksLikeGroup(name.literal)) {
      return {
        rule: 'name-person',
        says: `“${name.literal}” is kept whole, like a group; it looks like a person.`,
        label: 'It is a person',
        becomes: [readName(name.literal)],
      }
    }
  }
  const loud = (text: string | undefined) =>
    Boolean(
      text
      && text.length > 3
      && /\p{L}{4}/u.test(text)
      && text === text.toUpperCase()
      && text !== text.toLowerCase()
      && !text.includes('.'),
    )
  if (name.family && loud(name.family)) {
    const calm = (text: string) => text.replace(/\p{L}+/gu, word => word[0]! + word.slice(1).toLowerCase())
    return {
      rule: 'name-loud',
      says: `“${written}” is in capitals.`,
      label: 'Set in small letters',
      becomes: [{ ...name, family: calm(name.family), ...(name.given ? { given: loud(name.given) ? calm(name.given) : name.given } : {}) }],
    }
  }
  return undefined
}

const slips: DetailRule = ({ source }) => NAME_FIELDS.flatMap((field) => {
  const names = source.fields[field] ?? []
  return names.flatMap((name, i) => {
    const slip = slipOf(name)
    if (!slip) return []
    const becomes = [...names.slice(0, i), ...slip.becomes, ...names.slice(i + 1)]
    const fix: DetailFound['fix'] = {
      label: slip.label,
      fields: withField(source.fields, field, becomes.length ? becomes : undefined),
      ...(slip.becomes.length ? { shows: slip.becomes.map(writeName).join('; ') } : {}),
    }
    return [{ rule: slip.rule, field, says: slip.says, fix, serious: true, about: writeName(name) }]
  })
})

const unnamed: DetailRule = ({ source }) => {
  const left = (source.origin?.custom as { others?: string[] } | undefined)?.others ?? []
  return NAME_FIELDS.filter((field) => left.includes(field)).map((field) => ({
    rule: 'names-left-out',
    field,
    says: `The file this came from ends its ${FIELDS[field].label.toLowerCase()}s with “and others”. Add the rest from the source itself.`,
    about: JSON.stringify(source.fields[field]?.length ?? 0),
  }))
}

const twice: DetailRule = ({ source }) => NAME_FIELDS.flatMap((field) => {
  const names: readonly Name[] = source.fields[field] ?? []
  const seen = new Set<string>()
  const again = names.find((name) => {
    const key = wholeName(name).toLowerCase()
    if (seen.has(key)) return true
    seen.add(key)
    return false
  })
  if (!again) return []
  const kept = names.filter((name, i) => names.findIndex(other => wholeName(other).toLowerCase() === wholeName(name).toLowerCase()) === i)
  return [
    {
      rule: 'name-twice',
      field,
      says: `${writeName(again)} is named twice.`,
      fix: { label: 'Name once', fields: withField(source.fields, field, kept) as Fields },
    },
  ]
})

export const NAME_RULES: readonly DetailRule[] = [slips, unnamed, twice]
