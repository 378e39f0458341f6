import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { answered, api, type Room } from '@/api/client'

/** The air of the studio's room, kept on the server. */
export const useRoom = defineStore('room', () => {
  const room = shallowRef<Room>({ temperatureC: 20, humidityPct: 50, air: { kind: 'still' } })
  const fault = shallowRef('')

  async function load() {
    room.value = await answered(api.GET('/api/room'))
  }

  async function set(changed: Room) {
    const before = room.value
    room.value = changed
    fault.value = ''
    try {
      await answered(api.PUT('/api/room', { body: changed }))
    } catch (e) {
      room.value = before
      fault.value = (e as Error).message
    }
  }

  return { room, fault, load, set }
})
