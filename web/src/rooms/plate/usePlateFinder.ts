import { onBeforeUnmount } from 'vue'
import type { SpeciesDocument } from '@/api/client'
import { type Action, useActions } from '@/parts/useActions'
import { offeredKinds } from './handling'
import type { Shortcut } from './usePlateKeys'

/** What the finder reaches on the plate: parts, fields of what is selected, parts to be added, every shortcut. */
export function usePlateFinder(plate: {
  draft: () => SpeciesDocument | undefined
  select: (id: string) => void
  add: (kind: SpeciesDocument['parts'][number]['kind']) => void
  shortcuts: Shortcut[]
  method: () => void
}) {
  const actions = useActions()

  function list(): Action[] {
    const document = plate.draft()
    if (!document) return []
    return [
      ...document.parts.map((p) => ({ label: p.name, kind: 'part' as const, run: () => plate.select(p.id) })),
      ...offeredKinds(document).map((k) => ({ label: `add ${k.label}`, kind: 'action' as const, run: () => plate.add(k.kind) })),
      { label: 'the method, to print', kind: 'action' as const, run: plate.method },
      ...plate.shortcuts.map((s) => ({ label: s.label, kind: 'action' as const, run: s.run })),
      ...fields(),
    ]
  }

  actions.gather = list
  onBeforeUnmount(() => actions.leave(list))
}

interface Field {
  label: string
  field: HTMLElement
}

/** Every field that is shown, by its label and the group that it stands in. */
function shown(): Field[] {
  return [...document.querySelectorAll<HTMLElement>('[data-design] :is(input, select)')].map((field) => {
    const label = (field as HTMLInputElement).labels?.[0]?.textContent?.trim() ?? field.getAttribute('aria-label') ?? ''
    const group = field.closest('fieldset')?.querySelector('legend span')?.textContent ?? ''
    return { label: group && group !== label ? `${label}, ${group}` : label, field }
  })
}

function fields(): Action[] {
  return shown().map((f) => ({ label: f.label, kind: 'field' as const, run: () => goTo(standing(f)) }))
}

/** What was reckoned meanwhile may have laid the fields out anew: then it is the one that is called so now. */
function standing({ label, field }: Field): HTMLElement {
  return field.isConnected ? field : (shown().find((f) => f.label === label)?.field ?? field)
}

function goTo(field: HTMLElement) {
  field.closest('details')?.setAttribute('open', '')
  field.scrollIntoView({ block: 'center' })
  field.focus()
  if (field instanceof HTMLInputElement) field.select()
}
