import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { answered, api, type Ways } from '@/api/client'

/** How the studio works where makers disagree, kept on the server. */
export const useWays = defineStore('ways', () => {
  const ways = shallowRef<Ways>()
  const fault = shallowRef('')

  async function load() {
    ways.value = await answered(api.GET('/api/ways'))
  }

  async function set(changed: Ways) {
    const before = ways.value
    ways.value = changed
    fault.value = ''
    try {
      await answered(api.PUT('/api/ways', { body: changed }))
    } catch (e) {
      ways.value = before
      fault.value = (e as Error).message
    }
  }

  return { ways, fault, load, set }
})
