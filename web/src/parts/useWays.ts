import { defineStore } from 'pinia'
import { answered, api, type Ways } from '@/api/client'
import { useChoice } from './useChoice'

/** How the studio works where makers disagree. */
export const useWays = defineStore('ways', () => {
  const { now: ways, fault, load, set } = useChoice<Ways>(
    () => answered(api.GET('/api/ways')),
    (body) => answered(api.PUT('/api/ways', { body })),
  )
  return { ways, fault, load, set }
})
