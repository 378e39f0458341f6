import { computed, getCurrentScope, onScopeDispose, ref, shallowRef, type ShallowRef } from 'vue'
import { Failure } from '@/api/client'
import { holdHere } from './store'

export type KeptState = 'kept' | 'keeping' | 'here-only' | 'refused' | 'two-versions'

/** Something with the version that the server keeps of it. */
export interface Versioned<T> {
  version: number
  value: T
}

/** Where something is kept, and how. */
export interface Home<T> {
  /** A name of its own in this browser, where it waits until the server has it. */
  name: string
  read: () => Promise<Versioned<T>>
  /** Keeps it over a version; refused with 409 where another window has kept a newer one. */
  write: (value: T, version: number) => Promise<number>
  /** The version of the other window, out of the problem that told of it. */
  theirs?: (document: unknown) => T
  /** Something that an older Crisp Whorl left waiting here; gives whether it was taken care of, and is to be read anew. */
  older?: (waiting: Versioned<T>, now: Versioned<T>) => Promise<boolean>
  /** Changes are kept after so long without another, ms. */
  afterMs?: number
}

/** Under what something waits in this browser. */
export const waitingKey = (name: string) => `crisp-whorl.kept.${name}`

/** The names of what waits in this browser, of those that begin so. */
export const waitingNames = (begin: string) =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith(waitingKey(begin)))
    .map((key) => key.slice(waitingKey('').length))

const SAVE_AFTER_MS = 400
const TRY_AGAIN_MS = 3000
const JOIN_WITHIN_MS = 700
/** So many steps back are remembered while the window is open, and so many characters of them. */
const MOST_REMEMBERED = 40
const MOST_CHARACTERS = 1_000_000

/**
 * Something that is changed here and kept by itself: with undo, with both versions where two windows changed it, and in this
 * browser until the server has it, so that nothing is lost.
 */
export function useKept<T>(home: Home<T>) {
  const value: ShallowRef<T | undefined> = shallowRef()
  const past: ShallowRef<T[]> = shallowRef([])
  const future: ShallowRef<T[]> = shallowRef([])
  const state = ref<KeptState>('kept')
  const fault = shallowRef<Failure>()
  const theirs: ShallowRef<Versioned<T> | undefined> = shallowRef()
  const waits = waitingKey(home.name)
  let version = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let busy = false
  let lastChange = { key: '', at: 0 }

  async function load(): Promise<void> {
    const kept = await home.read()
    const waiting = readWaiting()
    if (waiting && home.older && (await home.older(waiting, kept))) {
      localStorage.removeItem(waits)
      return load()
    }
    version = kept.version
    if (value.value === undefined) recall(waiting?.value ?? kept.value)
    if (!waiting || JSON.stringify(waiting.value) === JSON.stringify(kept.value)) {
      value.value = kept.value
      localStorage.removeItem(waits)
      return
    }
    value.value = waiting.value
    if (waiting.version === kept.version) {
      state.value = 'keeping'
      saveSoon(0)
    } else {
      theirs.value = kept
      state.value = 'two-versions'
    }
  }

  /** What can be undone survives Back and a reload, as long as what is kept is still what it led to. */
  const history = `crisp-whorl.history.${home.name}`
  function recall(present: T) {
    try {
      const kept = JSON.parse(sessionStorage.getItem(history) ?? 'null') as { present: string; past: T[]; future: T[] } | null
      if (kept && kept.present === JSON.stringify(present)) [past.value, future.value] = [kept.past, kept.future]
    } catch {
      sessionStorage.removeItem(history)
    }
  }
  function remember() {
    for (let most = MOST_REMEMBERED; most > 0; most = Math.floor(most / 2)) {
      const text = JSON.stringify({
        present: JSON.stringify(value.value),
        past: past.value.slice(-most),
        future: future.value.slice(-most),
      })
      if (text.length > MOST_CHARACTERS) continue
      try {
        sessionStorage.setItem(history, text)
        return
      } catch {
        // Fewer steps may fit.
      }
    }
    sessionStorage.removeItem(history)
  }

  function readWaiting(): Versioned<T> | undefined {
    const text = localStorage.getItem(waits)
    try {
      return text ? (JSON.parse(text) as Versioned<T>) : undefined
    } catch {
      localStorage.removeItem(waits)
      return undefined
    }
  }

  /** Changes it. Changes of the same key in quick succession are undone together. */
  function change(key: string, alter: (value: T) => void) {
    if (value.value === undefined) return
    const next = structuredClone(value.value)
    alter(next)
    set(next, key)
  }

  /** Puts another in its place. */
  function set(next: T, key = '') {
    if (value.value !== undefined) {
      const joins = key !== '' && key === lastChange.key && Date.now() - lastChange.at < JOIN_WITHIN_MS
      if (!joins) past.value = [...past.value, value.value]
    }
    lastChange = { key, at: Date.now() }
    future.value = []
    put(next)
  }

  function put(next: T) {
    value.value = next
    remember()
    holdHere(waits, JSON.stringify({ version, value: next } satisfies Versioned<T>))
    if (state.value !== 'two-versions') {
      state.value = 'keeping'
      saveSoon(home.afterMs ?? SAVE_AFTER_MS)
    }
  }

  function undo() {
    const before = past.value.at(-1)
    if (before === undefined || value.value === undefined) return
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, value.value]
    lastChange = { key: '', at: 0 }
    put(before)
  }

  function redo() {
    const after = future.value.at(-1)
    if (after === undefined || value.value === undefined) return
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, value.value]
    lastChange = { key: '', at: 0 }
    put(after)
  }

  function saveSoon(afterMs: number) {
    clearTimeout(timer)
    timer = setTimeout(save, afterMs)
  }

  async function save(): Promise<void> {
    const now = value.value
    if (now === undefined) return
    if (busy) return saveSoon(home.afterMs ?? SAVE_AFTER_MS)
    busy = true
    try {
      version = await home.write(now, version)
      fault.value = undefined
      if (value.value === now) {
        localStorage.removeItem(waits)
        state.value = 'kept'
      } else {
        saveSoon(0)
      }
    } catch (e) {
      refused(e instanceof Failure ? e : new Failure(undefined, 0))
    } finally {
      busy = false
    }
  }

  function refused(failure: Failure) {
    fault.value = failure
    if (failure.status === 409 && failure.problem?.document && home.theirs) {
      theirs.value = { version: failure.problem.theirs ?? 0, value: home.theirs(failure.problem.document) }
      state.value = 'two-versions'
    } else if (failure.unreachable || failure.status >= 500 || failure.status === 409) {
      state.value = 'here-only'
      saveSoon(TRY_AGAIN_MS)
    } else {
      state.value = 'refused'
    }
  }

  /** Settles two versions: keeps this window's over the other, or takes the other's (this window's stays in the undo). */
  function settle(keep: 'mine' | 'theirs') {
    if (!theirs.value || value.value === undefined) return
    version = theirs.value.version
    const other = theirs.value.value
    theirs.value = undefined
    state.value = 'keeping'
    past.value = [...past.value, keep === 'theirs' ? value.value : other]
    put(keep === 'theirs' ? other : value.value)
  }

  /** The version that the server has by now, where something else has changed it without touching what is kept here. */
  function now(kept: number) {
    version = kept
  }

  if (getCurrentScope()) {
    onScopeDispose(() => {
      clearTimeout(timer)
      if (state.value === 'keeping') void save()
    })
  }

  return {
    value,
    state,
    fault,
    theirs,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    load,
    change,
    set,
    undo,
    redo,
    save,
    settle,
    now,
  }
}
