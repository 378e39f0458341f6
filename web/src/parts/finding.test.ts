import { describe, expect, it } from 'vitest'
import { foundPlaces } from './finding'

const places = [
  { label: 'tin petal, large', kind: 'tool', sizes: [34, 30] },
  { label: 'tin petal, middle', kind: 'tool', sizes: [29.5, 25.5] },
  { label: 'steel petal 30', kind: 'tool', sizes: [31, 26] },
  { label: 'petal shade', kind: 'species' },
]
const names = (query: string) => foundPlaces(places, query).map((p) => p.label)

describe('finding', () => {
  it('finds by every word of name and kind', () => {
    expect(names('petal tool')).toEqual(['tin petal, large', 'tin petal, middle', 'steel petal 30'])
  })
  it('finds the size that comes nearest, and a number in a name', () => {
    expect(names('petal 30')).toEqual(['tin petal, large', 'tin petal, middle', 'steel petal 30'])
    expect(names('tin 29,5')).toEqual(['tin petal, middle', 'tin petal, large'])
    expect(names('25.4 mm')).toEqual(['tin petal, middle', 'steel petal 30'])
  })
  it('puts the very name first', () => {
    expect(names('petal shade')[0]).toBe('petal shade')
  })
})
