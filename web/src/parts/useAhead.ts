import { defineStore } from 'pinia'
import type { Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** By what the coming air of the room is known. */
export const useAhead = defineStore('ahead', () => {
  const { now: ahead, ...kept } = useChoice<Schemas['RoomAhead']>('ahead')
  return { ahead, ...kept }
})
