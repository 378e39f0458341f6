import { answered, api, type Schemas } from '@/api/client'
import { localMinute } from './dates'

const HANDED_OVER_H = 10
const MARGIN_H = 12
const TIER_MM = 100

/** Begins an order that is handed over so many days from now, in the morning. */
export function newOrder(name: string, inDays: number, lines: Schemas['Order']['lines'] = []) {
  const then = new Date()
  then.setDate(then.getDate() + inDays)
  then.setHours(HANDED_OVER_H, 0, 0, 0)
  return answered(api.POST('/api/orders', { body: { name, note: '', handOver: localMinute(then), marginH: MARGIN_H, tierMm: TIER_MM, lines } }))
}
