import { defineStore } from 'pinia'
import { shallowRef } from 'vue'

export interface Action {
  label: string
  kind: 'part' | 'field' | 'action'
  run: () => void
}

/** What can be done in the room that is open, gathered anew each time the finder opens. */
export const useActions = defineStore('actions', () => {
  const gather = shallowRef<() => Action[]>(() => [])

  /** The room that is left takes its own away again. */
  function leave(own: () => Action[]) {
    if (gather.value === own) gather.value = () => []
  }

  return { gather, leave }
})
