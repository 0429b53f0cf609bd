import { useState } from 'react'
import { Knuckle, WORDS } from '../../drawing/Knuckle'
import { BarFigure } from '../../drawing/BarFigure'
import { BayFigure } from '../../drawing/BayFigure'
import { StackSection } from '../../drawing/StackSection'
import { FindingDetail } from '../../explain/FindingDetail'
import { cx } from '../../ui/cx'
import { InTheKnuckle } from './InTheKnuckle'
import type { Check, Match } from './useMatch'
import { asSentence, inUnits, useUnits } from '../../quantity/units'
import { useKeys } from '../../ui/useKeys'

const COLUMNS = 'grid-cols-[minmax(0,1fr)_132px_minmax(0,1fr)]'

/**
 * Left leaf, pin, right leaf: one knuckle for each check. What fits as it is lies folded until it is asked for.
 *
 * @param before the match as it is, while another is supposed: knuckles that moved are marked
 */
export function Leaves({ match, before, onSuppose }: { match: Match; before: Match | undefined; onSuppose: (measure: string) => void }) {
  const asks = (f: Check) => f.verdict !== 'FITS' || moved(f) !== undefined || match.notes.some((n) => n.checkId === f.checkId)
  const moved = (f: Check) => {
    const was = before?.findings.find((b) => b.checkId === f.checkId)
    return was && was.verdict !== f.verdict ? was : undefined
  }
  const worst = [...match.findings].reverse().find((f) => f.verdict === match.verdict)
  const [open, setOpen] = useState<string | undefined>(worst?.verdict === 'FITS' ? undefined : worst?.checkId)
  const [all, setAll] = useState(false)
  const [text, setText] = useState('')
  useKeys('s', () => setAll((now) => !now))
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const typed = match.findings.filter((f) =>
    words.every((w) => `${f.title} ${f.sentence} ${f.bike.says} ${f.kit.says}`.toLowerCase().includes(w)),
  )
  const shown = words.length > 0 || all ? typed : match.findings.filter(asks)
  const folded = match.findings.length - match.findings.filter(asks).length
  const drawn =
    match.findings.find((f) => f.checkId === open && (f.stack ?? f.bay ?? f.bars)) ??
    match.findings.find((f) => f.stack) ??
    match.findings.find((f) => f.bay)
  const exhibit = drawn && (drawn.stack ?? drawn.bay ?? drawn.bars)
  const units = useUnits()
  return (
    <div className="min-w-0">
      <div className={cx('grid items-end pb-1 text-[13px] font-bold text-soft [font-stretch:80%]', COLUMNS)}>
        <span className="pl-4">THE BIKE, as measured</span>
        <span />
        <span className="flex items-end justify-between pl-4">
          THE KIT, as published
          <input
            aria-label="Filter the checks"
            placeholder="Type to filter"
            value={text}
            onChange={(e) => setText(e.target.value)}
            className="no-print h-8 w-[150px] border border-soft/50 bg-paper px-2 text-[13px] font-normal text-ink [font-stretch:100%]"
          />
        </span>
      </div>
      <div className="relative">
        <span aria-hidden="true" className="absolute top-0 bottom-0 left-1/2 w-[7px] -translate-x-1/2 border-x border-ink/50 bg-floor" />
        <ul className="relative">
          {shown.map((f) => (
            <li key={f.checkId} className="border-t border-line last:border-b" data-check={f.checkId} data-verdict={f.verdict}>
              <button
                type="button"
                aria-expanded={open === f.checkId}
                onClick={() => setOpen(open === f.checkId ? undefined : f.checkId)}
                className={cx(
                  'grid w-full items-center text-left',
                  COLUMNS,
                  open === f.checkId ? 'bg-paint-pale' : moved(f) ? 'bg-paint/35' : 'hover:bg-paper/70',
                )}
              >
                <span className="grid grid-cols-[148px_minmax(0,1fr)] items-baseline gap-2 py-2 pr-2 pl-4">
                  <b className="text-[14px] leading-tight">{f.title}</b>
                  <span className="min-w-0">
                    <span className="figure font-semibold">{f.bike.says}</span>{' '}
                    <span className="text-[12.5px] text-soft">{f.bike.detail}</span>
                  </span>
                </span>
                <Knuckle verdict={f.verdict} height={f.verdict === 'FITS' ? 32 : 44} />
                <span className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-3 py-2 pr-3 pl-4">
                  <span className="min-w-0">
                    <span>{f.kit.says}</span> <span className="text-[12.5px] text-soft">{f.kit.detail}</span>
                    {moved(f) && <b className="block text-[12.5px]">was: {WORDS[moved(f)!.verdict]}</b>}
                  </span>
                  <span
                    className={cx(
                      'figure max-w-[150px] text-right text-[13px] font-semibold',
                      f.verdict === 'NO_FIT' && 'text-vermilion',
                      f.verdict === 'MEASURE' && 'text-petrol',
                    )}
                  >
                    {f.margin.text}
                  </span>
                </span>
              </button>
              {open !== f.checkId &&
                match.notes
                  .filter((n) => n.checkId === f.checkId)
                  .map((n) => (
                    <p key={n.id} className="flex items-baseline gap-3 px-4 pb-2 text-[13px]">
                      <b className="tag px-2 py-0.5 text-[12px]">fit note</b>
                      <span className="min-w-0 flex-1">
                        {asSentence(n.found)}
                        {n.done && <> Done: {n.done}</>}
                      </span>
                    </p>
                  ))}
              {open === f.checkId && (
                <FindingDetail finding={f} onSuppose={onSuppose}>
                  <InTheKnuckle match={match} check={f} />
                </FindingDetail>
              )}
            </li>
          ))}
        </ul>
      </div>
      {words.length === 0 && folded > 0 && (
        <button
          type="button"
          aria-expanded={all}
          onClick={() => setAll(!all)}
          className="no-print mt-1.5 flex min-h-9 w-full items-center gap-2 px-4 text-left text-[13.5px] text-soft hover:bg-paper/70 hover:text-ink"
        >
          {all ? '▾ Fold what fits as it is' : `▸ ${folded} ${folded === 1 ? 'check fits as it is' : 'checks fit as they are'}`}
          <kbd className="border border-current/50 px-1.5 figure text-[11px] leading-4">S</kbd>
        </button>
      )}
      {shown.length === 0 && words.length > 0 && <p className="bg-paper px-4 py-3 text-soft">No check is about “{text}”.</p>}
      {drawn && (
        <figure className="mt-3 bg-paper px-4 pt-2.5 pb-2">
          <figcaption className="flex items-baseline gap-3 text-[13.5px]">
            <b className="whitespace-nowrap">{exhibit?.title}</b>
            {exhibit && <span className="text-soft">{inUnits(units, exhibit.note, exhibit.noteInInches)}</span>}
          </figcaption>
          {drawn.stack && <StackSection section={drawn.stack} />}
          {drawn.bay && <BayFigure bay={drawn.bay} paint={match.job.paint} />}
          {drawn.bars && <BarFigure bars={drawn.bars} />}
          {drawn.stack && drawn.stack.others.length > 0 && (
            <OtherSets others={inUnits(units, drawn.stack.others, drawn.stack.othersInInches)} />
          )}
        </figure>
      )}
    </div>
  )
}

/** What else the drawers could fill the stack with, best first: for the drawer that turns out empty. */
function OtherSets({ others }: { others: string[] }) {
  const [open, setOpen] = useState(false)
  return (
    <div className="mt-1 text-[13px]">
      <button type="button" aria-expanded={open} onClick={() => setOpen(!open)} className="no-print min-h-8 text-soft hover:text-ink">
        {open ? '▾' : '▸'} {others.length === 1 ? 'One other set would do' : `${others.length} other sets would do`}
      </button>
      {open && (
        <ol className="mb-1 space-y-0.5 pl-4">
          {others.map((o) => (
            <li key={o} className="figure">
              {o}
            </li>
          ))}
        </ol>
      )}
    </div>
  )
}
