import { computed, ref, watch } from 'vue'
import { useKept, type Versioned } from '@/kept/useKept'
import { answered } from '@/api/client'

type Answer<T> = Promise<{ data?: T; error?: unknown; response: Response }>

/**
 * Something that the studio chooses once for all its work, kept like everything else: shown as chosen at once, waiting in this
 * browser until the server has it, undone step by step. What the server refuses, or another window chose meanwhile, is shown
 * again, with the reason; one's own stays in the undo.
 */
export function useChoice<T>(name: string, read: () => Answer<T>, write: (chosen: T, ifMatch: string) => Answer<T>) {
  const told = ref('')

  async function versioned(answer: Answer<T>): Promise<Versioned<T>> {
    const value = (await answered(answer as Parameters<typeof answered>[0])) as T
    const etag = (await answer).response.headers.get('etag') ?? '"0"'
    return { version: Number(etag.replace(/[W/"]/g, '')), value }
  }

  const kept = useKept<T>({
    name: `choice.${name}`,
    read: () => versioned(read()),
    write: async (chosen, version) => (await versioned(write(chosen, `"${version}"`))).version,
    theirs: (document) => document as T,
    afterMs: 0,
  })
  watch(
    kept.state,
    (state) => {
      if (state === 'two-versions') {
        told.value = 'It was changed in another window: that is shown now. Undo brings yours back.'
        kept.settle('theirs')
      } else if (state === 'refused') {
        told.value = kept.fault.value?.message ?? ''
        kept.undo()
      }
    },
    { flush: 'sync' },
  )

  function set(chosen: T) {
    told.value = ''
    kept.set(chosen)
  }

  function undo() {
    told.value = ''
    kept.undo()
  }

  /** Waits until the server has it, or it cannot be kept. */
  function atRest() {
    return new Promise<void>((resolve) => {
      const stop = watch(
        kept.state,
        (state) => {
          if (state === 'keeping') return
          resolve()
          queueMicrotask(() => stop())
        },
        { flush: 'sync', immediate: true },
      )
    })
  }

  const fault = computed(() => told.value || (kept.state.value === 'here-only' ? (kept.fault.value?.message ?? '') : ''))
  return { now: kept.value, state: kept.state, canUndo: kept.canUndo, fault, load: kept.load, set, undo, atRest }
}
