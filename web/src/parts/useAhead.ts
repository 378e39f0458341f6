import { defineStore } from 'pinia'
import { api, type Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** By what the coming air of the room is known. */
export const useAhead = defineStore('ahead', () => {
  const { now: ahead, ...kept } = useChoice<Schemas['RoomAhead']>(
    'ahead',
    () => api.GET('/api/room/ahead'),
    (body, ifMatch) => api.PUT('/api/room/ahead', { body, params: { header: { 'If-Match': ifMatch } } }),
  )
  return { ahead, ...kept }
})
