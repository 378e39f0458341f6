import { defineStore } from 'pinia'
import { api, type Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** How fast the studio's hands are. */
export const usePace = defineStore('pace', () => {
  const { now: pace, ...kept } = useChoice<Schemas['Pace']>(
    'pace',
    () => api.GET('/api/pace'),
    (body, ifMatch) => api.PUT('/api/pace', { body, params: { header: { 'If-Match': ifMatch } } }),
  )
  return { pace, ...kept }
})
