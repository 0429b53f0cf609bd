import type { Row } from './useMatch'

export type Order = 'need' | 'verdict' | 'ready' | 'price' | 'labour' | 'range' | 'climb' | 'mass'
export type Group = 'goes' | 'measure' | 'not'

export const ORDERS: [Order, string][] = [
  ['need', 'Need'],
  ['verdict', 'Verdict'],
  ['ready', 'Ready'],
  ['price', 'Price'],
  ['labour', 'Labour'],
  ['range', 'Range'],
  ['climb', 'Climb'],
  ['mass', 'Weight'],
]

export const GROUPS: [Group, string][] = [
  ['goes', 'Fit'],
  ['measure', 'Measure first'],
  ['not', 'Do not fit'],
]

/** A row, and those that are in nothing better: of its family where it goes on, of the same box where it does not. */
export interface Folded {
  row: Row
  under: Row[]
}

const VERDICTS: Row['verdict'][] = ['FITS', 'FITS_WITH', 'TRADE_OFF', 'MEASURE', 'NO_FIT']
const least = (r: Row) => (r.range ? Math.min(r.range.thumb, r.range.physics) : 0)

const BY: Record<Order, ((r: Row) => number) | undefined> = {
  need: undefined,
  verdict: (r) => VERDICTS.indexOf(r.verdict),
  ready: (r) => r.readyInDays,
  price: (r) => (r.price === undefined ? Infinity : Number(r.price)),
  labour: (r) => r.minutes ?? Infinity,
  range: (r) => -least(r),
  climb: (r) => -(r.range?.climb ?? 0),
  mass: (r) => r.massGrams,
}

/** Rows that match every word typed, in order, apart by whether they go on, the lesser of a family under the better one. */
export function arranged(rows: Row[], text: string, order: Order): Record<Group, Folded[]> {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const by = BY[order]
  const kept = rows.filter((r) =>
    words.every((w) => `${r.kitCode} ${r.kitName} ${r.battery} ${r.family} ${r.headline} ${r.legalClass}`.toLowerCase().includes(w)),
  )
  const sorted = by ? [...kept].sort((a, b) => by(a) - by(b)) : kept
  const tops = new Map<string, Folded>()
  const known = new Map(kept.map((r) => [r.kitCode, r]))
  const box = (r: Row) => r.kitCode.split('+')[0]!
  // Of a kit that does not go on, its other batteries stand under the first of the same verdict.
  const first = new Map<string, string>()
  for (const r of sorted) if (!r.goesOn && !first.has(box(r) + r.verdict)) first.set(box(r) + r.verdict, r.kitCode)
  const top = (code: string): string => {
    const row = known.get(code)
    if (row === undefined) return code
    if (!row.goesOn) return first.get(box(row) + row.verdict) ?? code
    return row.dominatedBy !== '' && known.has(row.dominatedBy) ? top(row.dominatedBy) : code
  }
  for (const row of sorted) if (top(row.kitCode) === row.kitCode) tops.set(row.kitCode, { row, under: [] })
  for (const row of sorted) if (top(row.kitCode) !== row.kitCode) tops.get(top(row.kitCode))?.under.push(row)
  const groups: Record<Group, Folded[]> = { goes: [], measure: [], not: [] }
  for (const folded of tops.values()) groups[folded.row.goesOn ? 'goes' : folded.row.verdict === 'MEASURE' ? 'measure' : 'not'].push(folded)
  return groups
}
