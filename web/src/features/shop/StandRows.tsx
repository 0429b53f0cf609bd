import { Button } from '../../ui/Button'
import type { ShopView } from './useShop'

export type Stand = ShopView['stands'][number]

export const HOLDS: [Stand['holds'], string][] = [
  ['CLAMP', 'clamp'],
  ['BENCH', 'bench'],
  ['FLOOR', 'floor stand'],
]
export const INPUT = 'h-9 border border-soft/60 bg-paper px-2 text-[14px]'
export const REMOVE = 'min-h-9 px-1 text-[13px] underline underline-offset-2 disabled:opacity-40'

/** The stands as they are entered: number, what holds the bike, name, what each carries. */
export function StandRows({ stands, onChange }: { stands: Stand[]; onChange: (stands: Stand[]) => void }) {
  const put = (i: number, to: Partial<Stand>) => onChange(stands.map((s, at) => (at === i ? { ...s, ...to } : s)))
  return (
    <>
      <ul className="mt-1">
        {stands.map((s, i) => (
          <li key={i} className="flex items-center gap-2 py-1 text-[14px]">
            <input
              aria-label={`Number of stand ${s.number}`}
              inputMode="numeric"
              className={`${INPUT} figure w-[44px]`}
              value={Number.isNaN(s.number) ? '' : s.number}
              onChange={(e) => put(i, { number: parseInt(e.target.value, 10) })}
            />
            <select
              aria-label={`Stand ${s.number} is a`}
              className={INPUT}
              value={s.holds}
              onChange={(e) => put(i, { holds: e.target.value as Stand['holds'] })}
            >
              {HOLDS.map(([h, words]) => (
                <option key={h} value={h}>
                  {words}
                </option>
              ))}
            </select>
            <input
              aria-label={`Name of stand ${s.number}`}
              placeholder="name"
              maxLength={40}
              className={`${INPUT} min-w-0 flex-1`}
              value={s.name}
              onChange={(e) => put(i, { name: e.target.value })}
            />
            <input
              aria-label={`Stand ${s.number} is rated for, kg`}
              type="number"
              min={5}
              max={300}
              step="any"
              className={`${INPUT} figure w-[66px]`}
              value={s.ratedKg ?? ''}
              onChange={(e) => put(i, { ratedKg: e.target.value === '' ? undefined : Number(e.target.value) })}
            />
            kg
            <button
              type="button"
              className={REMOVE}
              aria-label={`Remove stand ${s.number}`}
              disabled={stands.length === 1}
              onClick={() => onChange(stands.filter((_, at) => at !== i))}
            >
              remove
            </button>
          </li>
        ))}
      </ul>
      <Button
        look="quiet"
        className="mt-1 min-h-9 py-1"
        onClick={() => onChange([...stands, { number: Math.max(0, ...stands.map((s) => s.number || 0)) + 1, name: '', holds: 'CLAMP' }])}
      >
        Add a stand
      </Button>
    </>
  )
}
