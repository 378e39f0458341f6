import { defineStore } from 'pinia'
import { api, type Schemas } from '@/api/client'
import { useChoice } from './useChoice'

/** What the studio asks for its work. */
export const useTariff = defineStore('tariff', () => {
  const { now: tariff, ...kept } = useChoice<Schemas['Tariff']>(
    'tariff',
    () => api.GET('/api/tariff'),
    (body, ifMatch) => api.PUT('/api/tariff', { body, params: { header: { 'If-Match': ifMatch } } }),
  )
  return { tariff, ...kept }
})
