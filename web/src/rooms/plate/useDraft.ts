import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { answered, api, Failure, type SpeciesDocument } from '@/api/client'

export type SaveState = 'kept' | 'keeping' | 'here-only' | 'refused' | 'two-versions'

const SAVE_AFTER_MS = 400
const TRY_AGAIN_MS = 3000
const JOIN_WITHIN_MS = 700

/** A draft that is still to be kept, as it waits in this browser. */
interface Waiting {
  version: number
  document: SpeciesDocument
}

/**
 * The species on the plate: the draft with its undo, kept on the server by itself, and in this browser until the server has
 * it, so that nothing is lost.
 */
export function useDraft(id: string) {
  const draft = shallowRef<SpeciesDocument>()
  const past = shallowRef<SpeciesDocument[]>([])
  const future = shallowRef<SpeciesDocument[]>([])
  const state = ref<SaveState>('kept')
  const fault = shallowRef<Failure>()
  const theirs = shallowRef<Waiting>()
  const waitingKey = `crisp-whorl.draft.${id}`
  let version = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let busy = false
  let lastChange = { key: '', at: 0 }

  async function load(): Promise<void> {
    const kept = await fetchKept()
    const waiting = readWaiting()
    if (waiting && waiting.document.version !== kept.document.version) {
      await lift(waiting)
      return load()
    }
    version = kept.version
    draft.value = kept.document
    if (!waiting || JSON.stringify(waiting.document) === JSON.stringify(kept.document)) {
      localStorage.removeItem(waitingKey)
      return
    }
    draft.value = waiting.document
    if (waiting.version === kept.version) {
      saveSoon(0)
    } else {
      theirs.value = kept
      state.value = 'two-versions'
    }
  }

  async function fetchKept(): Promise<Waiting> {
    const call = api.GET('/api/species/{id}/document', { params: { path: { id } } })
    const document = (await answered(call)) as SpeciesDocument
    const etag = (await call).response.headers.get('etag') ?? '"0"'
    return { version: Number(etag.replace(/[W/"]/g, '')), document }
  }

  /** A draft that an older Crisp Whorl left here is brought up to the present by the server as it keeps it. */
  async function lift(older: Waiting) {
    localStorage.removeItem(waitingKey)
    const params = { path: { id }, header: { 'If-Match': `"${older.version}"` } }
    await answered(api.PUT('/api/species/{id}/document', { params, body: older.document })).catch(() =>
      localStorage.setItem(`${waitingKey}.older`, JSON.stringify(older)),
    )
  }

  function readWaiting(): Waiting | undefined {
    const text = localStorage.getItem(waitingKey)
    return text ? (JSON.parse(text) as Waiting) : undefined
  }

  /** Changes the draft. Changes of the same key in quick succession are undone together. */
  function change(key: string, alter: (document: SpeciesDocument) => void) {
    if (!draft.value) return
    const next = structuredClone(draft.value)
    alter(next)
    const joins = key !== '' && key === lastChange.key && Date.now() - lastChange.at < JOIN_WITHIN_MS
    lastChange = { key, at: Date.now() }
    if (!joins) past.value = [...past.value, draft.value]
    future.value = []
    put(next)
  }

  function put(document: SpeciesDocument) {
    draft.value = document
    localStorage.setItem(waitingKey, JSON.stringify({ version, document } satisfies Waiting))
    if (state.value !== 'two-versions') {
      state.value = 'keeping'
      saveSoon(SAVE_AFTER_MS)
    }
  }

  function undo() {
    const before = past.value.at(-1)
    if (!before || !draft.value) return
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, draft.value]
    lastChange = { key: '', at: 0 }
    put(before)
  }

  function redo() {
    const after = future.value.at(-1)
    if (!after || !draft.value) return
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, draft.value]
    lastChange = { key: '', at: 0 }
    put(after)
  }

  function saveSoon(afterMs: number) {
    clearTimeout(timer)
    timer = setTimeout(save, afterMs)
  }

  async function save() {
    const document = draft.value
    if (busy || !document) return saveSoon(SAVE_AFTER_MS)
    busy = true
    try {
      const kept = await answered(
        api.PUT('/api/species/{id}/document', {
          params: { path: { id }, header: { 'If-Match': `"${version}"` } },
          body: document,
        }),
      )
      version = kept.version
      fault.value = undefined
      if (draft.value === document) {
        localStorage.removeItem(waitingKey)
        state.value = 'kept'
      } else {
        saveSoon(0)
      }
    } catch (e) {
      refused(e as Failure)
    } finally {
      busy = false
    }
  }

  function refused(failure: Failure) {
    fault.value = failure
    if (failure.status === 409 && failure.problem?.document) {
      theirs.value = {
        version: failure.problem.theirs ?? 0,
        document: failure.problem.document as unknown as SpeciesDocument,
      }
      state.value = 'two-versions'
    } else if (failure.unreachable || failure.status >= 500 || failure.status === 409) {
      state.value = 'here-only'
      saveSoon(TRY_AGAIN_MS)
    } else {
      state.value = 'refused'
    }
  }

  /** Settles two versions: keep this window's over the other, or take the other's (this window's stays in the undo). */
  function settle(keep: 'mine' | 'theirs') {
    if (!theirs.value || !draft.value) return
    version = theirs.value.version
    const other = theirs.value.document
    theirs.value = undefined
    state.value = 'keeping'
    if (keep === 'theirs') {
      past.value = [...past.value, draft.value]
      put(other)
    } else {
      past.value = [...past.value, other]
      put(draft.value)
    }
  }

  onScopeDispose(() => {
    clearTimeout(timer)
    if (state.value === 'keeping') void save()
  })

  return {
    draft,
    state,
    fault,
    theirs,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    load,
    change,
    undo,
    redo,
    settle,
  }
}
