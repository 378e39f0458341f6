import { useQuery } from '@tanstack/vue-query'
import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { answered, api, Failure, type Schemas } from '@/api/client'
import { copyHere, copyOf, forgetCopies, holdHere } from '@/kept/store'
import { useClock } from '@/parts/useClock'
import { sittingsOf, timersOf, underwayOf } from './underway'

type BenchEvent = Schemas['BenchEvent']
const TRY_AGAIN_MS = 5000
const MOST_AT_ONCE = 400
/** What other devices touched is asked for this many times more seldom. */
const CHECK_EVERY = 3
const key = (what: string, id: string) => `crisp-whorl.bench.${what}.${id}`

/** A touch that waits here; one that was made before the studio's clock was known is timed when it is. */
export interface Waiting extends BenchEvent {
  untimed?: number
}
/** A touch that the server does not keep, and why. */
export interface Refused {
  event: BenchEvent
  why: string
}

function kept<T>(text: string | null): T | undefined {
  try {
    return (JSON.parse(text ?? 'null') as T | null) ?? undefined
  } catch {
    return undefined
  }
}

/** An older Crisp Whorl told moments by the device's clock without a zone. */
const zoned = (e: Waiting): Waiting => (/Z$/.test(e.at) ? e : { ...e, at: new Date(e.at).toISOString() })

/**
 * An order at the bench. What is touched counts at once and waits in this browser until the server has it; each touch has a name
 * of its own, so that one that is told twice counts once. One that the server refuses is put apart and shown, and holds up no other.
 * Cards and plan are kept here too, for when the server is away.
 */
export function useBench(id: string) {
  const clock = useClock()
  const last = kept<Schemas['BenchView']>(copyOf(id))
  let until = last?.until ?? 0
  const bench = useQuery({
    queryKey: ['bench', id],
    queryFn: async () => {
      const view = await answered(api.GET('/api/orders/{id}/bench', { params: { path: { id } } }))
      until = Math.max(until, view.until)
      if (view.delivered) forgetCopies((one) => one === id)
      else copyHere(id, JSON.stringify(view))
      return view
    },
    ...(last === undefined ? {} : { initialData: last, initialDataUpdatedAt: 0 }),
    retry: 0,
  })
  const waiting = shallowRef<Waiting[]>((kept<Waiting[]>(localStorage.getItem(key('waiting', id))) ?? []).map(zoned))
  const refused = shallowRef<Refused[]>(kept(localStorage.getItem(key('refused', id))) ?? [])
  const came = shallowRef<BenchEvent[]>([])
  /** Touches of this page, the latest last: each can be taken back while it is open. */
  const own = shallowRef<BenchEvent[]>([])
  const away = ref(false)
  const full = ref(false)
  const fault = ref<unknown>()

  const events = computed(() => [...(bench.data.value?.events ?? []), ...came.value, ...waiting.value])
  const works = computed(() => underwayOf(events.value))
  const sittings = computed(() => (bench.data.value ? sittingsOf(bench.data.value) : []))
  const timers = computed(() => timersOf(sittings.value, works.value))

  function wait(now: Waiting[]) {
    waiting.value = now
    if (now.length === 0) localStorage.removeItem(key('waiting', id))
    full.value = now.length > 0 && !holdHere(key('waiting', id), JSON.stringify(now))
  }
  function archive(now: Refused[]) {
    refused.value = now
    if (now.length === 0) localStorage.removeItem(key('refused', id))
    else holdHere(key('refused', id), JSON.stringify(now))
  }

  /** A touch as it is told: at its moment by the studio's clock. */
  function timed({ untimed, ...event }: Waiting): BenchEvent {
    return untimed === undefined ? event : { ...event, at: new Date(untimed + (clock.apart.value ?? 0)).toISOString() }
  }

  async function heard(call: () => ReturnType<typeof since>) {
    const asked = Date.now()
    const told = await call()
    clock.hear(told.now, asked, Date.now())
    until = Math.max(until, told.until)
    const known = new Set(came.value.map((e) => e.id))
    const fresh = told.events.filter((e) => !known.has(e.id))
    if (fresh.length > 0) came.value = [...came.value, ...fresh]
    return told
  }
  const since = () => answered(api.GET('/api/orders/{id}/bench/events', { params: { path: { id }, query: { since: until } } }))
  const send = (sent: BenchEvent[]) =>
    answered(api.POST('/api/orders/{id}/bench/events', { params: { path: { id }, query: { since: until } }, body: { events: sent } }))

  /** What was told is no longer waited with; what was not kept is put apart. Another window may have added to what waits. */
  function delivered(sent: BenchEvent[], not: Schemas['Refused'][]) {
    const why = new Map(not.map((r) => [r.id, r.why]))
    const ids = new Set(sent.map((e) => e.id))
    wait(waiting.value.filter((e) => !ids.has(e.id)))
    if (why.size > 0) archive([...refused.value, ...sent.filter((e) => why.has(e.id)).map((event) => ({ event, why: why.get(event.id)! }))])
  }

  /** One that cannot even be read is found by sending each by itself. */
  async function oneByOne(sent: BenchEvent[]) {
    for (const event of sent) {
      try {
        delivered([event], (await heard(() => send([event]))).refused)
      } catch (e) {
        if (!(e instanceof Failure) || e.unreachable || e.status >= 500 || e.status === 404) throw e
        delivered([event], [{ id: event.id, why: e.message }])
      }
    }
  }

  let telling = false
  /** Tells what waits; where nothing does, asks what was touched elsewhere. */
  async function tell() {
    if (telling) return
    telling = true
    try {
      if (waiting.value.length === 0 || clock.apart.value === undefined) await heard(since)
      const sent = waiting.value.slice(0, MOST_AT_ONCE).map(timed)
      if (sent.length > 0) {
        try {
          delivered(sent, (await heard(() => send(sent))).refused)
        } catch (e) {
          if (!(e instanceof Failure) || ![400, 422].includes(e.status)) throw e
          await oneByOne(sent)
        }
      }
      away.value = false
      fault.value = undefined
    } catch (e) {
      away.value = e instanceof Failure && (e.unreachable || e.status >= 500)
      fault.value = away.value ? undefined : e
    } finally {
      telling = false
    }
    if (waiting.value.length > 0 && !away.value && fault.value === undefined) void tell()
  }

  function touch(uid: string, what: BenchEvent['touch'], pieces = 0, said?: BenchEvent['said'], of?: string) {
    const event: Waiting = { id: crypto.randomUUID(), uid, touch: what, at: new Date(clock.now()).toISOString(), pieces, said, of }
    if (clock.apart.value === undefined) event.untimed = Date.now()
    wait([...waiting.value, event])
    own.value = of === undefined ? [...own.value, event] : own.value.filter((e) => e.id !== of)
    void tell()
  }

  /** Writes down what was measured or noted. */
  const say = (uid: string, said: NonNullable<BenchEvent['said']>) => touch(uid, 'said', 0, said)

  /** A touch of this page was a mistake. */
  const takeBack = (event: BenchEvent) => touch(event.uid, 'taken-back', 0, undefined, event.id)

  void tell()
  void answered(api.GET('/api/orders'))
    .then((orders) => forgetCopies((one) => !orders.some((o) => o.id === one && o.delivered === undefined)))
    .catch(() => undefined)
  let idle = 0
  const again = setInterval(() => {
    idle = waiting.value.length > 0 ? CHECK_EVERY : idle + 1
    if (idle < CHECK_EVERY) return
    idle = 0
    void tell()
  }, TRY_AGAIN_MS)
  const online = () => void tell()
  window.addEventListener('online', online)
  onScopeDispose(() => {
    clearInterval(again)
    window.removeEventListener('online', online)
  })

  return {
    view: bench.data,
    fault: bench.error,
    works,
    sittings,
    timers,
    waiting,
    away,
    full,
    refused,
    told: fault,
    own,
    touch,
    say,
    takeBack,
    forget: (one: Refused) => archive(refused.value.filter((r) => r !== one)),
    now: clock.now,
  }
}
