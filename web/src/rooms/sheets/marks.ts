import type { Schemas } from '@/api/client'

/** The sign before a text, with its space. */
export const MARKS: Record<Schemas['Cell']['mark'], string> = { none: '', fine: '● ', check: '◆ ', stop: '■ ' }
