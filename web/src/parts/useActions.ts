import { defineStore } from 'pinia'
import { shallowRef } from 'vue'

export interface Action {
  label: string
  kind: 'part' | 'action'
  run: () => void
}

/** What can be done in the room that is open, for the finder. */
export const useActions = defineStore('actions', () => {
  const list = shallowRef<Action[]>([])
  return { list }
})
