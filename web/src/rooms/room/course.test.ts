import { describe, expect, it } from 'vitest'
import { days, inRoom, lines, scale } from './course'

const hour = (i: number, temperatureC: number, measured: boolean) => ({
  at: `2030-06-${10 + Math.floor(i / 24)}T${String(i % 24).padStart(2, '0')}:00:00`,
  temperatureC,
  humidityPct: 50,
  measured,
  dries: 1,
})
const frame = { width: 30, top: 10, height: 100, least: 10, most: 30 }

describe('the room over the hours', () => {
  it('draws what was measured and what is expected apart, without a gap between them', () => {
    const drawn = lines([hour(0, 10, true), hour(1, 20, true), hour(2, 30, false), hour(3, 25, false)], (h) => h.temperatureC, frame)
    expect(drawn).toEqual([
      { measured: true, d: 'M0.0 110.0L10.0 60.0L20.0 10.0' },
      { measured: false, d: 'M20.0 10.0L30.0 35.0' },
    ])
  })

  it('is drawn on a scale that holds the coldest and the hottest hour', () => {
    expect(scale([8.4, 33.1, 21], 5)).toEqual({ least: 5, most: 35, marks: [10, 15, 20, 25, 30] })
    expect(scale([20, 20], 5)).toEqual({ least: 20, most: 30, marks: [25] })
  })

  it('knows where days begin', () => {
    expect(days(Array.from({ length: 30 }, (_, i) => hour(i, 20, true)))).toEqual([
      { at: 0, date: '2030-06-10' },
      { at: 24, date: '2030-06-11' },
    ])
  })
})

describe('a wait in the room as it will be', () => {
  it('is as long as it was reckoned where the room stays', () => expect(inRoom([], 2, 7.5)).toBeCloseTo(7.5))
  it('is added up hour by hour', () => {
    expect(inRoom([1, 0.5, 0.5, 1], 0, 1.5)).toBeCloseTo(2)
    expect(inRoom([1, 0.5, 0.5, 1], 0.5, 1)).toBeCloseTo(1.5)
    expect(inRoom([0, 0, 2], 0, 1)).toBeCloseTo(2.5)
    expect(inRoom([2, 2], 0, 10)).toBeCloseTo(8)
  })
})
