import { defineStore } from 'pinia'
import { api, type Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** When the studio works. */
export const useTime = defineStore('time', () => {
  const { now: time, ...kept } = useChoice<Schemas['StudioTime']>(
    'time',
    () => api.GET('/api/time'),
    (body, ifMatch) => api.PUT('/api/time', { body, params: { header: { 'If-Match': ifMatch } } }),
  )
  return { time, ...kept }
})
