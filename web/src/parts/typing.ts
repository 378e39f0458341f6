/** Whether a key goes into a field, so that it is no shortcut. */
export function typing(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  if (event.ctrlKey || event.metaKey) return false
  return target?.closest('input, textarea, select, [contenteditable], [role="dialog"]') != null
}
