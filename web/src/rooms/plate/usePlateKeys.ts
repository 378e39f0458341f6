import { onBeforeUnmount, onMounted, ref } from 'vue'
import { typing } from '@/parts/typing'

export interface Shortcut {
  keys: string[]
  label: string
  run: () => void
}

const OFF = 'crisp-whorl.single-keys-off'

/** Whether single letters and signs do something on the plate; who is often heard or hit by mistake may switch them off. */
export const singleKeys = ref(localStorage.getItem(OFF) === null)

export function setSingleKeys(on: boolean) {
  singleKeys.value = on
  if (on) localStorage.removeItem(OFF)
  else localStorage.setItem(OFF, 'off')
}

/** What lies over the plate has the keys to itself. */
const OVER = '[role="dialog"], [id^="headlessui-menu-items"], [id^="headlessui-listbox-options"]'
const PLATE = '[data-plate]'

/**
 * Binds keys on the plate: they act where the plate has the focus, or nothing has, and nothing lies over it; keys typed into a field
 * are left alone.
 *
 * @param state what they change
 * @param told of each that has changed it
 */
export function usePlateKeys(shortcuts: () => Shortcut[], state: () => unknown, told: (pressed: Shortcut) => void) {
  function pressed(event: KeyboardEvent) {
    const focused = event.target as HTMLElement | null
    const here = focused === document.body || focused?.closest(PLATE) != null
    if (!here || typing(event) || document.querySelector(OVER)) return
    const name = [
      event.ctrlKey || event.metaKey ? 'ctrl+' : '',
      event.altKey ? 'alt+' : '',
      event.shiftKey && (event.ctrlKey || event.metaKey) ? 'shift+' : '',
      event.key.length === 1 ? event.key.toLowerCase() : event.key,
    ].join('')
    if (!singleKeys.value && name.length === 1 && name !== '?') return
    const onControl = focused?.closest('button, a, select, [role="option"]') != null
    if (onControl && ['Enter', ' '].includes(event.key)) return
    const found = shortcuts().find((s) => s.keys.includes(name))
    if (found) {
      event.preventDefault()
      const before = state()
      found.run()
      if (state() !== before) told(found)
    }
  }
  onMounted(() => window.addEventListener('keydown', pressed))
  onBeforeUnmount(() => window.removeEventListener('keydown', pressed))
}
