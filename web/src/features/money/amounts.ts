/** What was typed as money, with a point or a comma and at most two places; undefined where it is none. */
export function amountOf(text: string, below = false): number | undefined {
  const plain = text.trim().replace(/[\u2212-]\s*/, '-')
  return (below ? /^-?\d{1,7}([.,]\d{1,2})?$/ : /^\d{1,7}([.,]\d{1,2})?$/).test(plain) ? Number(plain.replace(',', '.')) : undefined
}

/** An amount as the server says it, with a minus that is as wide as a figure. */
export const signed = (amount: string) => (amount.startsWith('-') ? `− ${amount.slice(1)}` : amount)

/** The first and the last day of the month that a day is in. */
export function monthOf(day: string): [string, string] {
  const [year, month] = day.split('-').map(Number) as [number, number]
  const last = new Date(Date.UTC(year, month, 0)).getUTCDate()
  return [`${day.slice(0, 7)}-01`, `${day.slice(0, 7)}-${String(last).padStart(2, '0')}`]
}
