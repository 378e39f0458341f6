import { afterEach, describe, expect, it, vi } from 'vitest'
import { copyHere, copyOf, forgetCopies, holdHere } from './store'

/** A store of so many characters. */
function roomFor(characters: number) {
  const kept: Record<string, string> = {}
  const fake = new Proxy(kept, {
    get: (all, name: string) =>
      ({
        getItem: (key: string) => all[key] ?? null,
        removeItem: (key: string) => delete all[key],
        setItem(key: string, text: string) {
          const others = Object.entries(all).filter(([k]) => k !== key)
          if (others.reduce((sum, [, v]) => sum + v.length, text.length) > characters) throw new DOMException('full', 'QuotaExceededError')
          all[key] = text
        },
      })[name] ?? all[name],
  })
  vi.stubGlobal('localStorage', fake)
}

describe('the store of this browser', () => {
  afterEach(() => vi.unstubAllGlobals())

  it('keeps the copies of a few benches only', () => {
    roomFor(10_000)
    for (let i = 0; i < 9; i++) copyHere(`order-${i}`, '{}')
    expect([...Array(9).keys()].filter((i) => copyOf(`order-${i}`) !== null)).toHaveLength(4)
    expect(copyOf('order-8')).toBe('{}')
  })

  it('gives copies up for what was touched, and says when there is no room at all', () => {
    roomFor(100)
    copyHere('old', 'x'.repeat(90))
    expect(holdHere('touched', 'y'.repeat(50))).toBe(true)
    expect(copyOf('old')).toBeNull()
    expect(holdHere('touched', 'y'.repeat(101))).toBe(false)
    expect(localStorage.getItem('touched')).toBe('y'.repeat(50))
    expect(() => copyHere('other', 'z'.repeat(90))).not.toThrow()
    expect(copyOf('other')).toBeNull()
  })

  it('forgets what was delivered', () => {
    roomFor(10_000)
    copyHere('gone', '{}')
    copyHere('here', '{}')
    forgetCopies((id) => id === 'gone')
    expect(copyOf('gone')).toBeNull()
    expect(copyOf('here')).toBe('{}')
  })
})
