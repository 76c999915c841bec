import { describe, expect, it } from 'vitest'
import { differences, merged, said } from './differences'

const first = {
  name: 'Shovel',
  maxTireDiameter: '44 in',
  valvePositions: { TOP: '12', LAST: '' },
  rows: [{ position: '1L', torque: '450' }],
}

describe('two versions of a form', () => {
  it('tells what only one of the two changed from what both changed', () => {
    const theirs = { ...first, name: 'Old shovel', maxTireDiameter: '46 in' }
    const mine = { ...first, name: 'New shovel', valvePositions: { ...first.valvePositions, LAST: '3' } }
    expect(differences(first, theirs, mine).map((one) => [one.words, one.changedBy])).toEqual([
      ['name', 'both'],
      ['max tire diameter', 'theirs'],
      ['valve positions last', 'mine'],
    ])
  })

  it('names a line by its position, and takes lists of unlike length as one entry', () => {
    const torque = { ...first, rows: [{ position: '1L', torque: '475' }] }
    expect(differences(first, torque, first)[0]?.words).toBe('rows 1L torque')
    const longer = { ...first, rows: [...first.rows, { position: '1R', torque: '450' }] }
    expect(differences(first, longer, torque)).toMatchObject([{ words: 'rows', changedBy: 'both' }])
  })

  it('knows who changed a list of lines as a whole', () => {
    const theirs = {
      ...first,
      rows: [
        { position: '2L', torque: '450' },
        { position: '2R', torque: '450' },
      ],
    }
    expect(differences(first, theirs, first)).toMatchObject([{ words: 'rows', changedBy: 'theirs' }])
    expect(differences(first, first, theirs)).toMatchObject([{ words: 'rows', changedBy: 'mine' }])
  })

  it('goes on with mine, and theirs where it was chosen', () => {
    const theirs = { name: 'Old shovel', maxTireDiameter: '46 in', valvePositions: { TOP: '1' }, rows: first.rows }
    const mine = { ...first, name: 'New shovel' }
    const found = differences(first, theirs, mine)
    const chosen = found.filter((one) => one.words !== 'name')
    expect(merged(mine, chosen)).toEqual({ ...theirs, name: 'New shovel' })
    expect(mine.maxTireDiameter).toBe('44 in')
  })

  it('says values as people would', () => {
    expect(said('')).toBe('nothing')
    expect(said(true)).toBe('yes')
    expect(said('SIDE_SHOVEL')).toBe('side shovel')
    expect(said(['MONDAY', 'TUESDAY'])).toBe('monday, tuesday')
    expect(said([{ a: 1 }, { a: 2 }])).toBe('2 lines')
  })
})
