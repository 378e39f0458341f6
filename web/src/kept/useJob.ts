import { computed, onScopeDispose, ref, shallowRef, type ShallowRef } from 'vue'
import { answered, api, Failure, type Schemas } from '@/api/client'

const ASK_EVERY_MS = 250

/**
 * A piece of long work: begun, watched, stopped; what came of the last one that was done stays until the next is. Left alone it is
 * stopped, unless it goes on by itself because the server keeps what comes of it.
 */
export function useJob<T>(begin: () => Promise<Schemas['JobView']>, goesOn = false) {
  const job = shallowRef<Schemas['JobView']>()
  const result: ShallowRef<T | undefined> = shallowRef()
  const fault = shallowRef<Failure>()
  const open = ref(0)
  let turn = 0
  let gone = false

  async function run() {
    const mine = ++turn
    await stop()
    open.value++
    fault.value = undefined
    try {
      let now = await begin()
      while (mine === turn && !gone && (now.state === 'waiting' || now.state === 'running')) {
        job.value = now
        await new Promise((resolve) => setTimeout(resolve, ASK_EVERY_MS))
        now = await answered(api.GET('/api/jobs/{id}', { params: { path: { id: now.id } } }))
      }
      if (mine !== turn || gone) return
      job.value = now
      if (now.state === 'stopped' && now.share === 0) return
      const found = await answered(
        api.GET('/api/jobs/{id}/result', { params: { path: { id: now.id } }, parseAs: 'json' }) as Promise<{
          data?: unknown
          error?: unknown
          response: Response
        }>,
      )
      if (mine === turn) result.value = found as T
    } catch (e) {
      if (mine === turn && job.value?.state !== 'stopped') fault.value = e as Failure
    } finally {
      open.value--
    }
  }

  /** Stops the work that is under way. */
  async function stop() {
    const now = job.value
    if (now && (now.state === 'waiting' || now.state === 'running')) {
      await answered(api.DELETE('/api/jobs/{id}', { params: { path: { id: now.id } } })).catch(() => undefined)
    }
  }

  onScopeDispose(() => {
    gone = true
    if (!goesOn) void stop()
  })

  return { job, result, fault, busy: computed(() => open.value > 0), run, stop }
}
