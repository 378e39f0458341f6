import { onBeforeUnmount, onMounted } from 'vue'
import { typing } from '@/parts/typing'

export interface Shortcut {
  keys: string[]
  label: string
  run: () => void
}

/** Binds single keys on the plate; keys typed into a field are left alone. */
export function usePlateKeys(shortcuts: () => Shortcut[]) {
  function pressed(event: KeyboardEvent) {
    if (typing(event)) return
    const name = [
      event.ctrlKey || event.metaKey ? 'ctrl+' : '',
      event.altKey ? 'alt+' : '',
      event.shiftKey && (event.ctrlKey || event.metaKey) ? 'shift+' : '',
      event.key.length === 1 ? event.key.toLowerCase() : event.key,
    ].join('')
    const focused = event.target as HTMLElement | null
    const onControl = focused?.closest('button, a, select, [role="option"]') != null
    if (onControl && ['Enter', ' '].includes(event.key)) return
    const found = shortcuts().find((s) => s.keys.includes(name))
    if (found) {
      event.preventDefault()
      found.run()
    }
  }
  onMounted(() => window.addEventListener('keydown', pressed))
  onBeforeUnmount(() => window.removeEventListener('keydown', pressed))
}
