import { defineStore } from 'pinia'
import { api, type Ways } from '@/api/client'
import { useChoice } from './useChoice'

/** How the studio works where makers disagree. */
export const useWays = defineStore('ways', () => {
  const { now: ways, ...kept } = useChoice<Ways>(
    'ways',
    () => api.GET('/api/ways'),
    (body, ifMatch) => api.PUT('/api/ways', { body, params: { header: { 'If-Match': ifMatch } } }),
  )
  return { ways, ...kept }
})
