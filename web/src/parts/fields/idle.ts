import type { ComputedRef, InjectionKey } from 'vue'

/** Paths, within a part, of the fields that change nothing as the rest of it is: the core tells, and they are not shown. */
export const IDLE_FIELDS: InjectionKey<ComputedRef<string[]>> = Symbol('idle fields')
