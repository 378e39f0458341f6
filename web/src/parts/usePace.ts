import { defineStore } from 'pinia'
import type { Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** How fast the studio's hands are. */
export const usePace = defineStore('pace', () => {
  const { now: pace, ...kept } = useChoice<Schemas['Pace']>('pace')
  return { pace, ...kept }
})
