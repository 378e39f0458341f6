import published from '@formats/order.schema.json'
import { answered, api, type Schemas } from '@/api/client'
import { field, publish } from '@/parts/fields/schema'
import { localMinute } from './dates'

publish(published)
const HANDED_OVER_H = 10

/** A line of an order, with an id that no other line is ever given. */
export const newLine = (speciesId: string, flowers = 1): Schemas['OrderLine'] => ({ id: crypto.randomUUID(), speciesId, flowers })

/** Begins an order that is handed over so many days from now, in the morning; all else as it usually is. */
export function newOrder(name: string, inDays: number, lines: Schemas['Order']['lines'] = []) {
  const then = new Date()
  then.setDate(then.getDate() + inDays)
  then.setHours(HANDED_OVER_H, 0, 0, 0)
  const usual = (of: string) => field('Order', of).default!
  return answered(
    api.POST('/api/orders', {
      body: { name, note: '', handOver: localMinute(then), spareTimeH: usual('spareTimeH'), tierMm: usual('tierMm'), lines },
    }),
  )
}
