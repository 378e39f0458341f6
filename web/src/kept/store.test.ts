import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { copyHere, copyOf, forgetCopies, holdHere } from './store'

describe('the store of this browser', () => {
  beforeEach(() => localStorage.clear())
  afterEach(() => vi.restoreAllMocks())

  it('keeps the copies of a few benches only', () => {
    for (let i = 0; i < 9; i++) copyHere(`order-${i}`, '{}')
    expect([...Array(9).keys()].filter((i) => copyOf(`order-${i}`) !== null)).toHaveLength(4)
    expect(copyOf('order-8')).toBe('{}')
  })

  it('gives copies up for what was touched, and says when there is no room at all', () => {
    copyHere('old', 'x'.repeat(100))
    localStorage.setItem('touched', 'before')
    const room = (holds: () => boolean) =>
      vi.spyOn(Storage.prototype, 'setItem').mockImplementation(function (this: Storage, name, text) {
        if (!holds()) throw new DOMException('full', 'QuotaExceededError')
        Object.defineProperty(this, name, { value: text, configurable: true, enumerable: true })
      })
    const full = room(() => copyOf('old') === null)
    expect(holdHere('touched', 'now')).toBe(true)
    expect(copyOf('old')).toBeNull()
    full.mockRestore()
    room(() => false)
    expect(holdHere('touched', 'later')).toBe(false)
    expect(() => copyHere('other', '{}')).not.toThrow()
  })

  it('forgets what was delivered', () => {
    copyHere('gone', '{}')
    copyHere('here', '{}')
    forgetCopies((id) => id === 'gone')
    expect(copyOf('gone')).toBeNull()
    expect(copyOf('here')).toBe('{}')
  })
})
