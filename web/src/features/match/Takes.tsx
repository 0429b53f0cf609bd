import type { Schemas } from '../../api/client'
import { cx } from '../../ui/cx'

type Taken = { check: Schemas['CheckView']; remedy: Schemas['RemedyView'] }

/** Remedies ticked off, with the reason: by check and place. */
export type Left = Record<string, string>

export const takenOf = (match: Schemas['Match']): Taken[] =>
  match.findings.flatMap((check) => check.remedies.filter((r) => r.part ?? r.work).map((remedy) => ({ check, remedy })))

const keyOf = ({ check, remedy }: Taken) => `${check.checkId}|${remedy.place}`

export const notTaken = (match: Schemas['Match'], left: Left) =>
  takenOf(match)
    .filter((t) => keyOf(t) in left)
    .map((t) => ({ checkId: t.check.checkId, remedy: t.remedy.place, reason: left[keyOf(t)]!.trim() }))

/** Parts and work of a match. Whoever makes the bill ticks off what the customer brings or what is done already, and says why. */
export function Takes({ match, left, onLeft }: { match: Schemas['Match']; left: Left; onLeft: ((left: Left) => void) | undefined }) {
  const taken = takenOf(match)
  return (
    <ul className="mt-2 border-t border-manila-line">
      {!match.job.work && (
        <li className="flex justify-between gap-3 border-b border-manila-line py-1.5">
          Kit box
          <span className={cx('figure text-[13px]', match.boxesFree < 1 && 'font-bold text-vermilion')}>{match.boxesFree} free</span>
        </li>
      )}
      {[...taken.filter((t) => t.remedy.part), ...taken.filter((t) => !t.remedy.part)].map((t) => {
        const key = keyOf(t)
        const off = key in left
        const name = t.remedy.part?.name ?? t.remedy.text
        const tick = () => onLeft?.(off ? Object.fromEntries(Object.entries(left).filter(([k]) => k !== key)) : { ...left, [key]: '' })
        return (
          <li key={key} className="border-b border-manila-line py-1.5">
            <label className={cx('flex items-baseline gap-2', onLeft && t.remedy.mayLeave && 'cursor-pointer')}>
              {onLeft && (
                <input
                  type="checkbox"
                  aria-label={`Take: ${name}`}
                  title={t.remedy.mayLeave ? undefined : 'Never left out'}
                  className="size-3.5 shrink-0 translate-y-[2px] accent-petrol"
                  checked={!off}
                  disabled={!t.remedy.mayLeave}
                  onChange={tick}
                />
              )}
              <span className={cx('min-w-0 flex-1', off && 'text-soft line-through')}>
                {name} {t.remedy.part && <span className="figure">× {t.remedy.part.count}</span>}
              </span>
              <From remedy={t.remedy} />
            </label>
            {off && (
              <input
                aria-label={`Why ${name} is left out`}
                placeholder="why: brings his own, done already…"
                maxLength={300}
                autoFocus
                value={left[key]}
                onChange={(e) => onLeft?.({ ...left, [key]: e.target.value })}
                className="mt-1 h-9 w-full border border-ink/60 bg-paper px-2 text-[13px]"
              />
            )}
          </li>
        )
      })}
    </ul>
  )
}

function From({ remedy }: { remedy: Schemas['RemedyView'] }) {
  const where = remedy.part
    ? remedy.part.supply === 'KIT'
      ? 'in the kit'
      : remedy.part.supply === 'BUY'
        ? 'to order'
        : remedy.part.supply === 'MAKE'
          ? 'made here'
          : remedy.part.place
    : `${remedy.work?.minutes} min`
  return (
    <span
      className={cx(
        'figure text-right text-[13px] whitespace-nowrap',
        (remedy.kind === 'BUY' || remedy.kind === 'MAKE') && 'font-bold text-petrol',
      )}
    >
      {where}
    </span>
  )
}
