import { defineStore } from 'pinia'
import { answered, api, type Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** How fast the studio's hands are. */
export const usePace = defineStore('pace', () => {
  const { now: pace, fault, load, set } = useChoice<Schemas['Pace']>(
    () => answered(api.GET('/api/pace')),
    (body) => answered(api.PUT('/api/pace', { body })),
  )
  return { pace, fault, load, set }
})
