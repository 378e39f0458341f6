import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { waitingKey } from '@/kept/useKept'
import { useChoice } from './useChoice'

const asked = vi.hoisted(() => ({ GET: vi.fn(), PUT: vi.fn() }))
vi.mock('@/api/client', async (original) => ({ ...(await original<object>()), api: asked }))

/** A server that keeps one choice with its version, and can be told to refuse. */
function server(kept: string) {
  const state = { version: 3, value: kept, refuses: false }
  const answer = (status: number, body: object | string) =>
    Promise.resolve({
      data: status === 200 ? body : undefined,
      error: status === 200 ? undefined : body,
      response: new Response(null, { status, headers: { etag: `"${state.version}"` } }),
    })
  asked.GET.mockImplementation(() => answer(200, state.value))
  asked.PUT.mockImplementation((_: string, put: { body: string; params: { header: Record<string, string> } }) => {
    if (state.refuses) return answer(422, { title: 'That will not do', status: 422 })
    if (put.params.header['If-Match'] !== `"${state.version}"`) {
      return answer(409, { title: 'two', status: 409, theirs: state.version, document: state.value })
    }
    state.value = put.body
    state.version++
    return answer(200, put.body)
  })
  return state
}

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers()
})
afterEach(() => vi.useRealTimers())

describe('a choice of the studio', () => {
  it('is shown at once, waits here until the server has it, and is undone', async () => {
    const state = server('still')
    const choice = useChoice<string>('air')
    await choice.load()
    choice.set('fan')
    expect(choice.now.value).toBe('fan')
    expect(localStorage.getItem(waitingKey('choice.air'))).toContain('fan')
    await vi.advanceTimersByTimeAsync(100)
    expect(state.value).toBe('fan')
    expect(localStorage.getItem(waitingKey('choice.air'))).toBeNull()
    choice.undo()
    await vi.advanceTimersByTimeAsync(100)
    expect(state.value).toBe('still')
  })

  it('is taken back with the reason where the server refuses it', async () => {
    const state = server('still')
    const choice = useChoice<string>('air')
    await choice.load()
    state.refuses = true
    choice.set('gale')
    await vi.advanceTimersByTimeAsync(50)
    expect(choice.now.value).toBe('still')
    expect(choice.fault.value).toBe('That will not do')
  })

  it('shows what another window chose meanwhile, and keeps its own in the undo', async () => {
    const state = server('still')
    const choice = useChoice<string>('air')
    await choice.load()
    state.value = 'cabinet'
    state.version = 9
    choice.set('fan')
    await vi.advanceTimersByTimeAsync(100)
    expect(choice.now.value).toBe('cabinet')
    expect(choice.fault.value).toContain('another window')
    choice.undo()
    await vi.advanceTimersByTimeAsync(100)
    expect(state.value).toBe('fan')
  })
})
