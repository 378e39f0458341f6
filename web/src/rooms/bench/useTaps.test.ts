import { describe, expect, it } from 'vitest'
import { useTaps } from './useTaps'

describe('a finger that hits twice', () => {
  it('ends one task, and not the next that comes under it', () => {
    let now = 0
    const taps = useTaps(() => now)
    expect(taps.counts('petals', true)).toBe(true)
    now = 250
    expect(taps.counts('petals', true)).toBe(false)
    expect(taps.counts('sepals', true)).toBe(false)
    expect(taps.counts('sepals', false)).toBe(false)
    now = 700
    expect(taps.counts('sepals', false)).toBe(true)
  })

  it('counts every piece, however quick', () => {
    let now = 0
    const taps = useTaps(() => now)
    for (now = 0; now < 1000; now += 80) expect(taps.counts('petals', false)).toBe(true)
    expect(taps.counts('petals', true)).toBe(true)
    now += 100
    expect(taps.counts('petals', false)).toBe(true)
  })
})
