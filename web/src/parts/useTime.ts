import { defineStore } from 'pinia'
import type { Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** When the studio works. */
export const useTime = defineStore('time', () => {
  const { now: time, ...kept } = useChoice<Schemas['StudioTime']>('time')
  return { time, ...kept }
})
