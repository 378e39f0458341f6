import { describe, expect, it } from 'vitest'
import { missing, told } from './told'

describe('a moment as it is said now', () => {
  const now = '2030-06-10T10:00:00'
  it('is so many minutes away where it is near', () => {
    expect(told('2030-06-10T10:25:00', now)).toBe('in 25 min (10:25)')
    expect(told('2030-06-10T09:50:00', now)).toBe('10 min ago (09:50)')
    expect(told('2030-06-10T11:30:00', now)).toBe('in 1.5 h (11:30)')
  })
  it('is told by the clock on the same day and with its day on another', () => {
    expect(told('2030-06-10T15:00:00', now)).toBe('15:00')
    expect(told('2030-06-11T09:00:00', now)).toBe('Tuesday 11 June, 09:00')
  })
})

describe('what is to be bought', () => {
  const line = (what: string, needed: number, owned: number, sign = '') => ({ what, needed, owned, sign, cost: 0, lasts: true, note: '' })
  it('is what the drawer lacks of it, in the unit it is bought in', () => {
    expect(missing([line('cup', 9, 10), line('cutter', 1, 0), line('dowel', 5, 2), line('gum paste', 120.31, 80, 'g')])).toEqual([
      'cutter',
      '3 × dowel',
      'gum paste: 40.4 g',
    ])
  })
})
