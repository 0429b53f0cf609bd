import { useState } from 'react'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { useMark, type Sheet } from './useKitCheck'

type Content = Sheet['contents'][number]
const FAULTS = [
  ['MISSING', 'missing'],
  ['WRONG', 'wrong'],
  ['DAMAGED', 'damaged'],
] as const

/** The contents list: one touch for what is all there; a second place to say what is not. */
export function Contents({ job, sheet }: { job: number; sheet: Sheet }) {
  const [at, setAt] = useState<string>()
  const mark = useMark(job)
  return (
    <>
      <ul className="mt-1">
        {sheet.contents.map((c) => (
          <li key={c.name} className={cx('border-t border-line', c.fault && 'bg-vermilion-pale')} data-item={c.name}>
            <div className="grid min-h-[50px] grid-cols-[46px_minmax(0,1fr)_auto_auto] items-center gap-2">
              <span className="figure text-right text-[18px] font-bold">{c.count}</span>
              <span className="min-w-0 text-[16px]">
                {c.name}
                <span className="block text-[12.5px] text-soft">
                  {c.used === 0 ? 'goes back in the drawer' : c.used < c.count ? `${c.used} are used, the rest goes back` : ''}
                  {c.fault && ` ${c.count - (c.good ?? 0)} ${FAULTS.find(([f]) => f === c.fault)![1]}${c.note ? `: ${c.note}` : ''}`}
                  {c.by && `${c.fault || c.used < c.count ? ' · ' : ''}${c.by}`}
                </span>
              </span>
              <button
                type="button"
                disabled={sheet.closed}
                aria-label={c.fault ? `${c.name}: ${c.good} right` : `${c.name}: not right`}
                onClick={() => setAt(at === c.name ? undefined : c.name)}
                className={cx(
                  'min-h-12 min-w-[92px] px-3 text-[14px] font-semibold',
                  c.fault ? 'bg-vermilion text-paper' : 'border border-ink/40 disabled:opacity-40',
                )}
              >
                {c.fault ? `${c.good} right` : 'not right'}
              </button>
              <button
                type="button"
                disabled={sheet.closed || mark.isPending}
                aria-label={`${c.name}: all there`}
                aria-pressed={c.good === c.count}
                onClick={() => mark.mutate({ item: c.name, good: c.count, fault: 'MISSING', note: '' })}
                className={cx(
                  'min-h-12 w-[92px]',
                  c.good === c.count
                    ? 'bg-petrol text-[22px] font-bold text-paper'
                    : 'border border-ink text-[14px] font-semibold disabled:opacity-40',
                )}
              >
                {c.good === c.count ? '✓' : 'all there'}
              </button>
            </div>
            {at === c.name && !sheet.closed && (
              <NotRight
                content={c}
                onSay={(good, fault, note) => mark.mutate({ item: c.name, good, fault, note }, { onSuccess: () => setAt(undefined) })}
                pending={mark.isPending}
              />
            )}
          </li>
        ))}
      </ul>
      {sheet.claims.length > 0 && (
        <div className="mt-3 border-t-2 border-ink pt-1 text-[13.5px]">
          <h3 className="text-[15px]">Claimed from the supplier</h3>
          {sheet.claims.map((c) => (
            <p key={c.id} className={cx(c.settlement && 'text-soft')}>
              <b className="figure">{c.id}</b> <b className={cx(c.blocks && 'text-vermilion')}>{c.text}</b>{' '}
              {c.settlement ? `settled: ${c.settlement}` : c.blocks ? 'the step that mounts it waits' : 'nobody waits for it'} {c.note}
            </p>
          ))}
        </div>
      )}
    </>
  )
}

function NotRight({
  content,
  onSay,
  pending,
}: {
  content: Content
  onSay: (good: number, fault: (typeof FAULTS)[number][0], note: string) => void
  pending: boolean
}) {
  const [good, setGood] = useState(content.count - 1)
  const [fault, setFault] = useState<(typeof FAULTS)[number][0]>('MISSING')
  const [note, setNote] = useState('')
  const small = 'min-h-12 border border-ink/60 px-3 text-[15px]'
  return (
    <div className="flex flex-wrap items-center gap-2 pb-3 pl-[46px]">
      <span className="flex items-center">
        <button type="button" aria-label="One less" className={small} disabled={good === 0} onClick={() => setGood(good - 1)}>
          −
        </button>
        <span className="figure min-w-[104px] border-y border-ink/60 px-3 text-center text-[15px] leading-[46px]">{good} are right</span>
        <button
          type="button"
          aria-label="One more"
          className={small}
          disabled={good >= content.count - 1}
          onClick={() => setGood(good + 1)}
        >
          +
        </button>
      </span>
      <span className="flex" role="radiogroup" aria-label="What is wrong with the rest">
        {FAULTS.map(([f, name]) => (
          <button
            key={f}
            type="button"
            role="radio"
            aria-checked={fault === f}
            onClick={() => setFault(f)}
            className={cx(small, 'not-first:border-l-0', fault === f && 'bg-ink font-semibold text-paper')}
          >
            {name}
          </button>
        ))}
      </span>
      <input
        aria-label="Note"
        placeholder="what came instead, what is broken"
        maxLength={300}
        value={note}
        onChange={(e) => setNote(e.target.value)}
        className="h-12 min-w-[200px] flex-1 border border-ink/60 bg-paper px-3"
      />
      <Button className="min-h-12" disabled={pending} onClick={() => onSay(good, fault, note)}>
        Claim {content.count - good}
      </Button>
    </div>
  )
}
