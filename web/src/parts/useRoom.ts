import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Room } from '@/api/client'
import { useChoice } from './useChoice'

/** Until the studio's own is known. */
const USUAL: Room = { temperatureC: 20, humidityPct: 50, air: { kind: 'still' } }

/** The air of the studio's room. */
export const useRoom = defineStore('room', () => {
  const { now, ...kept } = useChoice<Room>('room')
  return { room: computed(() => now.value ?? USUAL), ...kept }
})
