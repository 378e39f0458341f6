import { defineStore } from 'pinia'
import { api, type Techniques } from '@/api/client'
import { useChoice } from './useChoice'

/** How the studio works where makers disagree. */
export const useTechniques = defineStore('techniques', () => {
  const { now: techniques, ...kept } = useChoice<Techniques>(
    'techniques',
    () => api.GET('/api/techniques'),
    (body, ifMatch) => api.PUT('/api/techniques', { body, params: { header: { 'If-Match': ifMatch } } }),
  )
  return { techniques, ...kept }
})
