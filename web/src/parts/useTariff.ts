import { defineStore } from 'pinia'
import type { Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** What the studio asks for its work. */
export const useTariff = defineStore('tariff', () => {
  const { now: tariff, ...kept } = useChoice<Schemas['Tariff']>('tariff')
  return { tariff, ...kept }
})
