import type { PartView } from './useStock'

/** A line of the ledger in words. */
export const KIND: Record<PartView['movements'][number]['kind'], string> = {
  RECEIVED: 'received',
  COUNTED: 'counted',
  RESERVED: 'held for',
  RELEASED: 'given back by',
  PICKED: 'picked for',
  CONSUMED: 'mounted on',
  BACK_IN_DRAWER: 'back in the drawer',
  SCRAPPED: 'thrown away',
  NUMBERED: 'number read for',
  HANDED_BACK: 'to a customer',
}

/** Numbers of single pieces, as they are typed or scanned one after the other: parted by commas, semicolons or lines. */
export const serials = (text: string) =>
  text
    .split(/[,;\n]+/)
    .map((s) => s.trim())
    .filter(Boolean)
