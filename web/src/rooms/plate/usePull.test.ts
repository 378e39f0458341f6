import { effectScope } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import { nudged, useAnswer, usePull } from './usePull'

/** A promise that is kept when it is told to. */
function later<T>() {
  let keep!: (value: T) => void
  let refuse!: (reason: unknown) => void
  const promise = new Promise<T>((yes, no) => {
    keep = yes
    refuse = no
  })
  return { promise, keep, refuse }
}

const settled = () => new Promise((done) => setTimeout(done))

describe('a pull', () => {
  it('asks one place at a time, and the last that the finger was at', async () => {
    const asked: [number, number][] = []
    const waits = [later<void>(), later<void>()]
    const keep = vi.fn()
    const pull = usePull<string>((_, x, y) => {
      asked.push([x, y])
      return waits[asked.length - 1]!.promise
    }, keep)
    pull.take('tip')
    void pull.pullTo(1, 1)
    void pull.pullTo(2, 2)
    void pull.pullTo(3, 3)
    expect(asked).toEqual([[1, 1]])
    pull.letGo()
    expect(keep).not.toHaveBeenCalled()
    waits[0]!.keep()
    await settled()
    expect(asked).toEqual([
      [1, 1],
      [3, 3],
    ])
    waits[1]!.keep()
    await settled()
    expect(keep).toHaveBeenCalledTimes(1)
    expect(pull.grip.value).toBeUndefined()
  })

  it('keeps at once what is let go while nothing is asked', async () => {
    const keep = vi.fn()
    const pull = usePull<string>(() => Promise.resolve(), keep)
    pull.letGo()
    expect(keep).not.toHaveBeenCalled()
    pull.take('tip')
    await pull.pullTo(1, 2)
    pull.letGo()
    expect(keep).toHaveBeenCalledTimes(1)
  })

  it('is not moved by a place that was pointed at before it was taken', async () => {
    const asked: number[] = []
    const pull = usePull<string>((_, x) => {
      asked.push(x)
      return Promise.resolve()
    }, vi.fn())
    await pull.pullTo(9, 9)
    pull.take('tip')
    await pull.pullTo(1, 1)
    expect(asked).toEqual([1])
  })

  it('by a key waits for what was let go before, and starts from there', async () => {
    const slow = later<void>()
    let at = 0
    const kept: number[] = []
    const pull = usePull<string>(
      async (_, x) => {
        if (x === 4) await slow.promise
        at = x
      },
      () => kept.push(at),
    )
    const byOne = () => ({ grip: 'tip', x: at + 1, y: 0 })
    pull.take('tip')
    void pull.pullTo(4, 0)
    pull.letGo()
    const nudges = [pull.nudge(byOne), pull.nudge(byOne)]
    await settled()
    expect(kept).toEqual([])
    slow.keep()
    await Promise.all(nudges)
    expect(kept).toEqual([4, 5, 6])
  })

  it('by a key does nothing while a finger holds something', async () => {
    const hold = vi.fn()
    const pull = usePull<string>(() => Promise.resolve(), vi.fn())
    pull.take('tip')
    await pull.nudge(hold)
    expect(hold).not.toHaveBeenCalled()
    expect(pull.grip.value).toBe('tip')
  })
})

describe('an answer', () => {
  it('that a later question overtook is not shown', async () => {
    const scope = effectScope()
    await scope.run(async () => {
      const { view, show } = useAnswer<string>()
      const slow = later<string>()
      const first = show(slow.promise)
      await show(Promise.resolve('second'))
      slow.keep('first')
      expect(await first).toBeUndefined()
      expect(view.value).toBe('second')
    })
    scope.stop()
  })

  it('that is refused leaves what is shown, and is told', async () => {
    const scope = effectScope()
    await scope.run(async () => {
      const { view, fault, show } = useAnswer<string>()
      await show(Promise.resolve('first'))
      expect(await show(Promise.reject(new Error('no')))).toBeUndefined()
      expect(view.value).toBe('first')
      expect((fault.value as Error).message).toBe('no')
      await show(Promise.resolve('second'))
      expect(fault.value).toBeUndefined()
    })
    scope.stop()
  })

  it('that comes once nobody looks is left alone', async () => {
    const scope = effectScope()
    const answer = scope.run(() => useAnswer<string>())!
    const slow = later<string>()
    const shown = answer.show(slow.promise)
    scope.stop()
    slow.keep('late')
    expect(await shown).toBeUndefined()
    expect(answer.view.value).toBeUndefined()
  })
})

describe('an arrow key', () => {
  const key = (name: string, more: KeyboardEventInit = {}) => new KeyboardEvent('keydown', { key: name, cancelable: true, ...more })

  it('pulls by half a millimetre, with shift by five times that', () => {
    expect(nudged(key('ArrowUp'))).toEqual([0, 0.5])
    expect(nudged(key('ArrowLeft', { shiftKey: true }))).toEqual([-2.5, 0])
  })

  it('moves between parts with alt, and other keys pull nothing', () => {
    const between = key('ArrowUp', { altKey: true })
    expect(nudged(between)).toBeUndefined()
    expect(between.defaultPrevented).toBe(false)
    expect(nudged(key('x'))).toBeUndefined()
    const pulls = key('ArrowDown')
    nudged(pulls)
    expect(pulls.defaultPrevented).toBe(true)
  })
})
