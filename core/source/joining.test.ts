import { describe, expect, it } from 'vitest'
import { joinFields } from './joining'

const BASE = { title: 'Mills', publisher: 'First Press', place: 'Carewick' }

describe('joining what two tabs did to one source', () => {
  it.each([
    [
      'different fields',
      { ...BASE, title: 'The mills' },
      { ...BASE, place: 'Northmere' },
      { ...BASE, title: 'The mills', place: 'Northmere' },
      [],
    ],
    [
      'the same field, differently',
      { ...BASE, publisher: 'My Press' },
      { ...BASE, publisher: 'Their Press' },
      { ...BASE, publisher: 'My Press' },
      ['publisher'],
    ],
    [
      'the same field, alike',
      { ...BASE, publisher: 'One Press' },
      { ...BASE, publisher: 'One Press' },
      { ...BASE, publisher: 'One Press' },
      [],
    ],
    [
      'emptied here',
      { title: 'Mills', publisher: 'First Press' },
      { ...BASE, title: 'Tides' },
      { title: 'Tides', publisher: 'First Press' },
      [],
    ],
    [
      'emptied here, filled there',
      { title: 'Mills', publisher: 'First Press' },
      { ...BASE, place: 'Northmere' },
      { title: 'Mills', publisher: 'First Press' },
      ['place'],
    ],
    [
      'emptied there, filled here',
      { ...BASE, place: 'Northmere' },
      { title: 'Mills', publisher: 'First Press' },
      { ...BASE, place: 'Northmere' },
      ['place'],
    ],
    ['added there', BASE, { ...BASE, edition: '2' }, { ...BASE, edition: '2' }, []],
  ] as const)('%s', (_, mine, theirs, fields, both) => expect(joinFields(BASE, mine, theirs)).toEqual({ fields, both }))
})
