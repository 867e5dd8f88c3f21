/**
 * How a citation names its work. "place-alone" is for a work cited again in its paragraph, where the style allows it
 * (Chicago 18, 13.121; MLA Handbook 9, 6.44).
 */
export const FORMS = ['parenthetical', 'narrative', 'suppress-author', 'place-alone'] as const
export type Form = (typeof FORMS)[number]
