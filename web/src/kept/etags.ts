import { answered } from '@/api/client'
import type { Versioned } from './useKept'

/** What an answer holds, with the version that its ETag tells. */
export async function versioned<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<Versioned<T>> {
  const value = await answered(call)
  const etag = (await call).response.headers.get('etag') ?? '"0"'
  return { version: Number(etag.replace(/[W/"]/g, '')), value }
}

/** From which version a change was made. */
export const ifMatch = (version: number) => ({ 'If-Match': `"${version}"` })
