import type { Plugin } from 'vue'
import { toldIn } from './lengths'
import { useLengths } from './useLengths'

/** `$told(text)` in any template: a text of the core with its lengths as the maker reads them. */
export const told: Plugin = {
  install(app) {
    app.config.globalProperties.$told = (text: string) => toldIn(text, useLengths().unit)
  },
}

declare module 'vue' {
  interface ComponentCustomProperties {
    $told: (text: string) => string
  }
}
