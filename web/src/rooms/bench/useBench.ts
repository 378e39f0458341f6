import { useQuery } from '@tanstack/vue-query'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { answered, api, Failure, type Schemas } from '@/api/client'
import { sittingsOf, timersOf, underwayOf } from './underway'

type BenchEvent = Schemas['BenchEvent']
const TRY_AGAIN_MS = 5000
const MOST_AT_ONCE = 400
/** What other devices touched is asked for this many times more seldom. */
const LOOK_EVERY = 3
const key = (what: string, id: string) => `crisp-whorl.bench.${what}.${id}`

function kept<T>(name: string): T | undefined {
  try {
    return JSON.parse(localStorage.getItem(name) ?? 'null') ?? undefined
  } catch {
    return undefined
  }
}

/** This moment as the studio's clock shows it, to the millisecond. */
function localMoment(): string {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, -1)
}

/**
 * An order at the bench. What is touched counts at once and waits in this browser until the server has it; each touch has a name
 * of its own, so that one that is told twice counts once. Cards and plan are kept here too, for when the server is away.
 */
export function useBench(id: string) {
  const last = kept<Schemas['BenchView']>(key('view', id))
  const bench = useQuery({
    queryKey: ['bench', id],
    queryFn: async () => {
      const view = await answered(api.GET('/api/orders/{id}/bench', { params: { path: { id } } }))
      localStorage.setItem(key('view', id), JSON.stringify(view))
      return view
    },
    ...(last === undefined ? {} : { initialData: last, initialDataUpdatedAt: 0 }),
    retry: 0,
  })
  const waiting = shallowRef<BenchEvent[]>(kept(key('waiting', id)) ?? [])
  const told = shallowRef<BenchEvent[]>([])
  const away = ref(false)
  const refused = ref<unknown>()

  const events = computed(() => [...(bench.data.value?.events ?? []), ...told.value, ...waiting.value])
  const works = computed(() => underwayOf(events.value))
  const sittings = computed(() => (bench.data.value ? sittingsOf(bench.data.value) : []))
  const timers = computed(() => timersOf(sittings.value, works.value))

  function wait(now: BenchEvent[]) {
    waiting.value = now
    localStorage.setItem(key('waiting', id), JSON.stringify(now))
  }

  let telling = false
  /** Tells what waits; where nothing does, asks what was touched elsewhere. */
  async function tell() {
    if (telling) return
    telling = true
    const sent = waiting.value.slice(0, MOST_AT_ONCE)
    try {
      told.value = await answered(api.POST('/api/orders/{id}/bench/events', { params: { path: { id } }, body: { events: sent } }))
      // Another window of this browser may have added to what waits.
      const ids = new Set(sent.map((e) => e.id))
      wait(waiting.value.filter((e) => !ids.has(e.id)))
      away.value = false
      refused.value = undefined
    } catch (e) {
      away.value = e instanceof Failure && e.unreachable
      refused.value = away.value ? undefined : e
    } finally {
      telling = false
    }
    if (waiting.value.length > 0 && !away.value && refused.value === undefined) void tell()
  }

  function touch(uid: string, what: BenchEvent['touch'], pieces = 0, said?: BenchEvent['said']) {
    wait([...waiting.value, { id: crypto.randomUUID(), uid, touch: what, at: localMoment(), pieces, said }])
    void tell()
  }

  /** Writes down what was measured or noted. */
  const say = (uid: string, said: NonNullable<BenchEvent['said']>) => touch(uid, 'said', 0, said)

  void tell()
  let idle = 0
  const again = setInterval(() => {
    idle = waiting.value.length > 0 ? LOOK_EVERY : idle + 1
    if (idle < LOOK_EVERY) return
    idle = 0
    void tell()
  }, TRY_AGAIN_MS)
  const online = () => void tell()
  window.addEventListener('online', online)
  onScopeDispose(() => {
    clearInterval(again)
    window.removeEventListener('online', online)
  })

  return { view: bench.data, fault: bench.error, works, sittings, timers, waiting, away, refused, touch, say }
}
