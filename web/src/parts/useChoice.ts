import { computed, ref, watch } from 'vue'
import { api } from '@/api/client'
import { ifMatch, versioned } from '@/kept/etags'
import { useKept, type Versioned } from '@/kept/useKept'

/**
 * Something that the studio chooses once for all its work, kept like everything else: shown as chosen at once, waiting in this
 * browser until the server has it, undone step by step. What the server refuses, or another window chose meanwhile, is shown
 * again, with the reason; one's own stays in the undo.
 *
 * @param name by which it is chosen and kept
 */
export function useChoice<T>(name: string) {
  const told = ref('')
  const path = { name }

  const kept = useKept<T>({
    name: `choice.${name}`,
    read: () => versioned(api.GET('/api/choices/{name}', { params: { path } })) as Promise<Versioned<T>>,
    write: async (chosen, version) =>
      (await versioned(api.PUT('/api/choices/{name}', { params: { path, header: ifMatch(version) }, body: chosen as never }))).version,
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
