import { defineStore } from 'pinia'
import type { Techniques } from '@/api/client'
import { useChoice } from './useChoice'

/** How the studio works where makers disagree. */
export const useTechniques = defineStore('techniques', () => {
  const { now: techniques, ...kept } = useChoice<Techniques>('techniques')
  return { techniques, ...kept }
})
