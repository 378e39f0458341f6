import { onBeforeUnmount, onMounted } from 'vue'

/** What is done before a field goes, by whichever way the page is left: what was typed and not yet taken over is taken over. */
export function useLeaving(commit: () => void) {
  onMounted(() => window.addEventListener('pagehide', commit))
  onBeforeUnmount(() => {
    window.removeEventListener('pagehide', commit)
    commit()
  })
}
