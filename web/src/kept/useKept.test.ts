import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Failure, type Problem } from '@/api/client'
import { useKept, waitingKey, type Home } from './useKept'

interface Thing {
  count: number
  name: string
}

/** A server that keeps one thing, and can be told to fail. */
function server(kept: Thing) {
  const state = { version: 1, value: kept, failing: undefined as Failure | undefined, writes: 0 }
  const home: Home<Thing> = {
    name: 'thing',
    read: () => Promise.resolve({ version: state.version, value: structuredClone(state.value) }),
    write(value, version) {
      state.writes++
      if (state.failing) return Promise.reject(state.failing)
      if (version !== state.version) {
        const problem = { theirs: state.version, document: state.value, title: 'two' } as unknown as Problem
        return Promise.reject(new Failure(problem, 409))
      }
      state.value = structuredClone(value)
      return Promise.resolve(++state.version)
    },
    theirs: (document) => document as Thing,
  }
  return { state, home }
}

beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())

describe('what is kept by itself', () => {
  it('is written once changes have come to rest', async () => {
    const { state, home } = server({ count: 5, name: 'ring' })
    const kept = useKept(home)
    await kept.load()
    kept.change('count', (t) => (t.count = 6))
    kept.change('count', (t) => (t.count = 7))
    expect(kept.state.value).toBe('keeping')
    expect(localStorage.getItem(waitingKey('thing'))).toContain('"count":7')
    await vi.advanceTimersByTimeAsync(500)
    expect(state.value.count).toBe(7)
    expect(state.writes).toBe(1)
    expect(kept.state.value).toBe('kept')
    expect(localStorage.getItem(waitingKey('thing'))).toBeNull()
  })

  it('undoes quick changes of one kind together, others one by one', async () => {
    const { home } = server({ count: 5, name: 'ring' })
    const kept = useKept(home)
    await kept.load()
    kept.change('count', (t) => (t.count = 6))
    kept.change('count', (t) => (t.count = 7))
    kept.change('name', (t) => (t.name = 'other'))
    kept.undo()
    expect(kept.value.value).toEqual({ count: 7, name: 'ring' })
    kept.undo()
    expect(kept.value.value).toEqual({ count: 5, name: 'ring' })
    kept.redo()
    expect(kept.value.value!.count).toBe(7)
    expect(kept.canUndo.value).toBe(true)
  })

  it('waits in this browser while the server does not answer, and is there again after a reload', async () => {
    const { state, home } = server({ count: 5, name: 'ring' })
    const kept = useKept(home)
    await kept.load()
    state.failing = new Failure(undefined, 0)
    kept.change('', (t) => (t.count = 9))
    await vi.advanceTimersByTimeAsync(500)
    expect(kept.state.value).toBe('here-only')
    const again = useKept(home)
    await again.load()
    expect(again.value.value!.count).toBe(9)
    state.failing = undefined
    await vi.advanceTimersByTimeAsync(4000)
    expect(state.value.count).toBe(9)
  })

  it('shows both versions where two windows changed it, and keeps the one that is chosen', async () => {
    const { state, home } = server({ count: 5, name: 'ring' })
    const kept = useKept(home)
    await kept.load()
    state.version = 2
    state.value = { count: 5, name: 'theirs' }
    kept.change('', (t) => (t.count = 8))
    await vi.advanceTimersByTimeAsync(500)
    expect(kept.state.value).toBe('two-versions')
    kept.settle('theirs')
    await vi.advanceTimersByTimeAsync(500)
    expect(kept.value.value).toEqual({ count: 5, name: 'theirs' })
    kept.undo()
    expect(kept.value.value!.count).toBe(8)
  })

  it('says that it was refused, and keeps what was typed', async () => {
    const { state, home } = server({ count: 5, name: 'ring' })
    const kept = useKept(home)
    await kept.load()
    state.failing = new Failure({ title: 'no' } as unknown as Problem, 422)
    kept.change('', (t) => (t.count = -1))
    await vi.advanceTimersByTimeAsync(500)
    expect(kept.state.value).toBe('refused')
    expect(kept.value.value!.count).toBe(-1)
  })

  it('can be undone after the room was left and entered again', async () => {
    const { home } = server({ count: 5, name: 'ring' })
    const kept = useKept(home)
    await kept.load()
    kept.change('count', (t) => (t.count = 6))
    await vi.advanceTimersByTimeAsync(500)
    const again = useKept(home)
    await again.load()
    expect(again.canUndo.value).toBe(true)
    again.undo()
    expect(again.value.value?.count).toBe(5)
    await vi.advanceTimersByTimeAsync(500)
    const third = useKept({ ...home, read: () => Promise.resolve({ version: 9, value: { count: 8, name: 'theirs' } }) })
    await third.load()
    expect(third.canUndo.value).toBe(false)
  })
})
