import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { along, dryingTold, pagesOf, rollerTold, told } from './pages'

const entry = (at: string, more: Partial<Schemas['Entry']> = {}): Schemas['Entry'] => ({
  id: at,
  order: 'supper',
  species: 'rose',
  task: 'Make petals',
  medium: 'gum-paste',
  at,
  minutes: 40,
  reckonedMin: 25,
  timed: true,
  good: 0,
  broke: 0,
  looks: [],
  skin: [],
  written: [],
  leftOut: false,
  ...more,
})

describe('the pages of the book', () => {
  it('are a page a day, the latest day first and its first work first', () => {
    const pages = pagesOf([entry('2030-06-11T09:00'), entry('2030-06-10T15:00'), entry('2030-06-10T09:00')])
    expect(pages.map((p) => p.day)).toEqual(['2030-06-11', '2030-06-10'])
    expect(pages[1]!.entries.map((e) => e.at)).toEqual(['2030-06-10T09:00', '2030-06-10T15:00'])
    const remark = { order: 'supper', written: { at: '2030-06-12T08:00', said: { kind: 'bench-note' as const, text: 'wet' }, told: 'wet' } }
    expect(pagesOf([entry('2030-06-11T09:00')], [remark]).map((p) => [p.day, p.entries.length, p.remarks.length])).toEqual([
      ['2030-06-12', 0, 1],
      ['2030-06-11', 1, 0],
    ])
  })
  it('tell what came out, how long it took and how it dried', () => {
    const looks = [{ stage: 'firm' as const, reckonedH: 5, notYetH: 4, readyH: 12 }]
    expect(told(entry('2030-06-10T09:00', { good: 27, broke: 3, looks }))).toBe(
      '27 whole, 3 broke; 40 min, reckoned 25; firm: not yet at 4.0 h, ready at 12 h, reckoned 5.0 h',
    )
    const skin = [{ stage: 'skinned' as const, reckonedH: 0.5, notYetH: 0.25, readyH: 0.4 }]
    const room = { temperatureC: 21.4, humidityPct: 48, air: { kind: 'still' as const } }
    expect(told(entry('2030-06-10T09:00', { minutes: undefined, skin, room }))).toBe(
      'still soft at 15 min, skinned at 24 min, reckoned 30 min; 21 °C, 48 %',
    )
    expect(told(entry('2030-06-10T09:00', { timed: false }))).toBe('left lying, its time teaches nothing')
    expect(told(entry('2030-06-10T09:00', { minutes: undefined, good: 2 }))).toBe('2 whole')
  })
})

describe('what was learnt', () => {
  const rate = (factor: number) => ({
    medium: 'gum-paste' as const,
    clock: 'body' as const,
    looks: 1,
    rate: { factor, low: 0.7, high: 1.3, sigma: 0.2, curve: [] },
  })
  it('says faster, slower or as reckoned', () => {
    expect(dryingTold('gum paste', rate(1.2))).toContain('20 % faster')
    expect(dryingTold('gum paste', rate(0.8))).toContain('20 % slower')
    expect(dryingTold('gum paste', rate(1.01))).toContain('as fast as reckoned here; usually from 30 % slower to 30 % faster (1 look)')
  })
  it('names the clock, and the roller', () => {
    expect(dryingTold('gum paste', { ...rate(1.2), clock: 'skin' })).toContain('skins 20 % faster')
    expect(rollerTold({ machine: 'The small roller', measures: 3, factor: 1.12, low: 1.05, high: 1.2, taken: 1 })).toBe(
      'The small roller rolls 12 % thicker than its table says; usually 5–20 % thicker (3 sheets).',
    )
  })
  it('stands on an axis of equal ratios', () => {
    expect(along(1)).toBeCloseTo(0.5)
    expect(along(0.1)).toBe(0)
    expect(along(9)).toBe(1)
  })
})
