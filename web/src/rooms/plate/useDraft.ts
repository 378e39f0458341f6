import { api, type SpeciesDocument } from '@/api/client'
import { ifMatch, versioned } from '@/kept/etags'
import { useKept, waitingKey, type Versioned } from '@/kept/useKept'

/** What an older Crisp Whorl left waiting under another name goes on waiting under today's. */
function adopt(id: string) {
  const before = `crisp-whorl.draft.${id}`
  const text = localStorage.getItem(before)
  if (!text) return
  const { version, document: value } = JSON.parse(text) as { version: number; document: SpeciesDocument }
  localStorage.setItem(waitingKey(`species.${id}`), JSON.stringify({ version, value }))
  localStorage.removeItem(before)
}

/** The species on the plate, kept on the server by itself. */
export function useDraft(id: string) {
  const path = { id }

  const read = () => versioned(api.GET('/api/species/{id}/document', { params: { path } })) as Promise<Versioned<SpeciesDocument>>

  async function write(body: SpeciesDocument, version: number): Promise<number> {
    return (await versioned(api.PUT('/api/species/{id}/document', { params: { path, header: ifMatch(version) }, body }))).version
  }

  /** A draft that an older Crisp Whorl left here is brought up to the present by the server as it keeps it. */
  async function older(waiting: Versioned<SpeciesDocument>, now: Versioned<SpeciesDocument>): Promise<boolean> {
    if (waiting.value.version === now.value.version) return false
    await write(waiting.value, waiting.version).catch(() => localStorage.setItem(`crisp-whorl.older.${id}`, JSON.stringify(waiting)))
    return true
  }

  adopt(id)
  const { value: draft, ...kept } = useKept<SpeciesDocument>({
    name: `species.${id}`,
    read,
    write,
    theirs: (document) => document as SpeciesDocument,
    older,
  })
  return { draft, ...kept }
}
