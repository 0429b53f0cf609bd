import { Fragment, useState, type ReactNode } from 'react'
import { Link, Navigate } from 'react-router'
import type { Schemas } from '../../api/client'
import { JobHead } from '../../app/JobHead'
import { HingeStrip } from '../../drawing/Knuckle'
import { minutes, useUnits } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useCurrency } from '../session/useSession'
import { useJobNumber } from '../survey/useSheet'
import { RangeBar } from './RangeBar'
import { GROUPS, ORDERS, arranged, type Folded, type Group, type Order } from './arranged'
import { hingeOf, useShortlist, type Row } from './useMatch'
import { useKeys } from '../../ui/useKeys'

export function ShortlistPage() {
  const job = useJobNumber()
  return (
    <Loaded query={useShortlist(job)} what={`The shortlist of job ${job}`}>
      {(list) => (list.job.work ? <Navigate replace to={hingeOf(job, list.job.work)} /> : <Shortlist key={job} list={list} />)}
    </Loaded>
  )
}

/** Every kit and battery for one bike, side by side: no score, each figure for itself. */
function Shortlist({ list }: { list: Schemas['Candidates'] }) {
  const money = useCurrency()
  const { job, checks, rows, caution, asked, dayKm: day } = list
  const [text, setText] = useState('')
  const [order, setOrder] = useState<Order>('need')
  const [open, setOpen] = useState<Set<Group>>(new Set(['goes']))
  const [unfolded, setUnfolded] = useState<Set<string>>(new Set())
  const filter = (el: HTMLInputElement | null) => void el?.setAttribute('data-filter', '')
  useKeys('f', () => document.querySelector<HTMLInputElement>('[data-filter]')?.focus())
  const groups = arranged(rows, text, order)
  // A note about kits of a kind is read once, at the first of them that is shown; the others say that there is one.
  const inOrder = GROUPS.flatMap(([g]) => groups[g]).flatMap((top) => [top.row, ...top.under])
  const firstWith = (note: string) => inOrder.find((r) => list.learned.some((l) => l.kitCode === r.kitCode && l.notes.includes(note)))
  const learnedOf = (kit: string) =>
    (list.learned.find((l) => l.kitCode === kit)?.notes ?? []).map((note) => ({ note, first: firstWith(note)?.kitCode === kit }))
  const going = rows.filter((r) => r.goesOn).length
  const far = Math.max(1, ...rows.map((r) => Math.max(r.range?.thumb ?? 0, r.range?.physics ?? 0)))
  const shown = (g: Group) => open.has(g) || text.trim() !== '' || (g === 'measure' && groups.goes.length === 0)
  const toggle = <T,>(set: Set<T>, one: T) => {
    const next = new Set(set)
    if (!next.delete(one)) next.add(one)
    return next
  }
  return (
    <>
      <JobHead job={job}>
        <div className="pb-2 text-right">
          <p className="text-[20px] font-bold">
            {going === 0 ? 'Nothing fits yet' : `${going} of ${rows.length} ${going === 1 ? 'fits' : 'fit'}`}
          </p>
          <p className="text-[13px] text-soft">kit and battery together, from stock and to order</p>
        </div>
      </JobHead>
      <div className="px-6 pt-3 pb-6">
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <input
            ref={filter}
            aria-label="Filter the kits"
            placeholder="Type to filter: hub, 48 V, TN9 …"
            value={text}
            onChange={(e) => setText(e.target.value)}
            className="h-10 w-[280px] border border-soft/60 bg-paper px-3 text-[15px]"
          />
          <div role="radiogroup" aria-label="Order" className="flex flex-wrap items-center gap-1 text-[13.5px]">
            <span className="label mr-1 text-soft">Order by</span>
            {ORDERS.map(([key, name]) => (
              <button
                key={key}
                type="button"
                role="radio"
                aria-checked={order === key}
                onClick={() => setOrder(key)}
                className={cx('min-h-9 px-2.5', order === key ? 'bg-ink font-semibold text-paper' : 'hover:bg-ink/10')}
              >
                {name}
              </button>
            ))}
          </div>
          <p className="ml-auto max-w-[330px] text-[12.5px] leading-tight text-soft">{caution}</p>
        </div>
        {list.nearest.length > 0 && <Nearest job={job.number} misses={list.nearest} />}
        <Supposes supposed={list.supposed} job={job.number} />
        <table className="mt-2 w-full bg-paper text-[13.5px]" aria-label="Shortlist">
          <thead>
            <tr className="border-b-2 border-ink text-left text-[13px] [font-stretch:84%]">
              <th className="w-[236px] px-3 py-1.5">Kit and battery</th>
              <th className="px-2 py-1.5">Hinge</th>
              <th className="w-[74px] px-2 py-1.5">Ready</th>
              <th className="w-[62px] px-2 py-1.5 text-right">Price {money && <span className="block font-normal">{money}</span>}</th>
              <th className="w-[70px] px-2 py-1.5 text-right">Labour</th>
              <th className="w-[186px] px-2 py-1.5">Range</th>
              <th className="w-[92px] px-2 py-1.5">Speed, climb</th>
              <th className="w-[58px] px-2 py-1.5 text-right">Adds</th>
              <th className="w-[104px] px-3 py-1.5">Class</th>
            </tr>
          </thead>
          <tbody>
            {GROUPS.map(([group, title]) => {
              const of = groups[group]
              if (of.length === 0) return null
              return (
                <Fragment key={group}>
                  <tr className="border-b border-ink bg-edge">
                    <td colSpan={9} className="p-0">
                      <button
                        type="button"
                        aria-expanded={shown(group)}
                        onClick={() => setOpen(toggle(open, group))}
                        className="flex min-h-9 w-full items-center gap-2 px-3 text-left font-bold [font-stretch:84%]"
                      >
                        <span aria-hidden="true" className="w-3">
                          {shown(group) ? '▾' : '▸'}
                        </span>
                        {title} <span className="figure font-normal text-soft">{of.reduce((n, f) => n + 1 + f.under.length, 0)}</span>
                      </button>
                    </td>
                  </tr>
                  {shown(group) &&
                    of.map((top) => (
                      <Fragment key={top.row.kitCode}>
                        <Line
                          job={job.number}
                          checks={checks}
                          asked={asked}
                          row={top.row}
                          far={far}
                          day={day}
                          billed={job.kitCode === top.row.kitCode}
                          learned={learnedOf(top.row.kitCode)}
                        >
                          {top.under.length > 0 && (
                            <button
                              type="button"
                              aria-expanded={unfolded.has(top.row.kitCode)}
                              onClick={() => setUnfolded(toggle(unfolded, top.row.kitCode))}
                              className="-ml-1 min-h-7 px-1 text-left text-[12.5px] text-soft hover:bg-paint-pale hover:text-ink"
                            >
                              {unfolded.has(top.row.kitCode) ? '▾' : '▸'} {under(top)}
                            </button>
                          )}
                        </Line>
                        {unfolded.has(top.row.kitCode) &&
                          top.under.map((r) => (
                            <Line
                              key={r.kitCode}
                              job={job.number}
                              checks={checks}
                              asked={asked}
                              row={r}
                              far={far}
                              day={day}
                              billed={job.kitCode === r.kitCode}
                              learned={learnedOf(r.kitCode)}
                              inset
                            />
                          ))}
                      </Fragment>
                    ))}
                </Fragment>
              )
            })}
          </tbody>
        </table>
        {rows.length === 0 && (
          <p className="bg-paper px-3 py-4 text-soft">
            No kit of the shop is made for this job. Bring a kit sheet in under Kits, and it is matched at once.
          </p>
        )}
        {rows.length > 0 && Object.values(groups).every((g) => g.length === 0) && (
          <p className="bg-paper px-3 py-4 text-soft">Nothing is called “{text}”.</p>
        )}
      </div>
    </>
  )
}

/** What lies folded under a row. */
function under({ row, under }: Folded): string {
  const n = under.length
  if (row.goesOn) return n === 1 ? 'one more, in nothing better' : `${n} more, in nothing better`
  return n === 1 ? 'same with one other battery' : `same with ${n} other batteries`
}

/** Nothing goes on: what lies nearest, and what would turn it. */
function Nearest({ job, misses }: { job: number; misses: Schemas['NearMiss'][] }) {
  return (
    <section
      aria-label="Nearest misses"
      className="mt-3 grid gap-3"
      style={{ gridTemplateColumns: `repeat(${misses.length}, minmax(0, 1fr))` }}
    >
      {misses.map((m) => (
        <article key={m.kitCode} className="sheet px-4 py-3">
          <h3 className="text-[15px] font-bold">
            <Link to={hingeOf(job, m.kitCode)} className="underline decoration-line underline-offset-2 hover:decoration-ink">
              {m.kitName}
            </Link>
          </h3>
          <p className="text-[12.5px] text-[#5f5535]">nearest · {m.headline}</p>
          <ul className="mt-1.5 text-[13px] leading-snug">
            {m.missing.slice(0, MOST_MISSING).map((x) => (
              <li key={x.title} className="border-t border-manila-line py-1">
                <b>{x.title}.</b> {x.sentence} {x.turn.length > 0 && <span className="font-semibold text-petrol">→ {x.turn[0]}</span>}
              </li>
            ))}
            {m.missing.length > MOST_MISSING && (
              <li className="border-t border-manila-line py-1 text-[#5f5535]">and {m.missing.length - MOST_MISSING} more at its hinge</li>
            )}
          </ul>
        </article>
      ))}
    </section>
  )
}

const MOST_MISSING = 4

/** What the ranges suppose; what the rider did not say is the usual. */
function Supposes({ supposed, job }: { supposed: Schemas['SupposedView'][]; job: number }) {
  const units = useUnits()
  return (
    <p className="mt-2 text-[12.5px] text-soft">
      Ranges suppose{' '}
      {supposed.map((s, i) => (
        <Fragment key={s.text}>
          {i > 0 && ', '}
          <span className={s.said ? 'font-semibold text-ink' : ''}>{units === 'imperial' ? s.imperial : s.text}</span>
        </Fragment>
      ))}
      .{' '}
      <Link to={`/jobs/${job}/booking`} className="underline underline-offset-2">
        Change what this rider needs
      </Link>
    </p>
  )
}

/** What was asked for: a column each, met or not, and why. */
function Needs({ asked, row, inset, children }: { asked: Schemas['AskedHead'][]; row: Row; inset: boolean; children?: ReactNode }) {
  return (
    <tr className="border-b border-line" data-needs={row.kitCode}>
      <td className={cx('pr-2 pb-1.5 align-top', inset ? 'pl-8' : 'pl-3')}>{children}</td>
      <td colSpan={8} className="px-2 pb-1.5 align-top">
        <ul
          className="grid gap-x-3 text-[12.5px] leading-tight"
          style={{ gridTemplateColumns: `repeat(${Math.max(4, asked.length)}, minmax(0, 1fr))` }}
        >
          {asked.map((head) => {
            const answer = row.answers.find((a) => a.asked === head.asked)
            return (
              <li key={head.asked} className={cx(answer && !answer.met && 'text-vermilion')}>
                <b>
                  <span aria-label={answer === undefined ? 'not known' : answer.met ? 'met' : 'not met'}>
                    {answer === undefined ? '–' : answer.met ? '✓' : '✗'}
                  </span>{' '}
                  {head.title}
                </b>{' '}
                {answer?.why}
              </li>
            )
          })}
        </ul>
      </td>
    </tr>
  )
}

function Line({
  job,
  checks,
  asked,
  row,
  far,
  day,
  billed,
  learned,
  inset = false,
  children,
}: {
  job: number
  checks: Schemas['CheckHead'][]
  asked: Schemas['AskedHead'][]
  row: Row
  far: number
  day: number | undefined
  billed: boolean
  learned: { note: string; first: boolean }[]
  inset?: boolean
  children?: ReactNode
}) {
  return (
    <>
      <tr
        className={cx(
          'align-top hover:bg-paint-pale',
          asked.length === 0 && 'border-b border-line',
          billed && 'outline-[3px] -outline-offset-[3px] outline-paint',
        )}
        data-kit={row.kitCode}
        data-verdict={row.verdict}
      >
        <td className={cx('pt-2 pr-2', asked.length === 0 && 'pb-2', inset ? 'pl-8' : 'pl-3')}>
          <Link
            to={hingeOf(job, row.kitCode)}
            className="block font-semibold underline decoration-line underline-offset-2 hover:decoration-ink"
          >
            {row.kitName}
          </Link>
          <span className="text-[12.5px] text-soft">{row.battery}</span>
          {billed && <span className="block text-[12.5px] font-bold">billed</span>}
          {asked.length === 0 && children}
        </td>
        <td className="px-2 py-2">
          <HingeStrip checks={checks} strip={row.strip} />
          <span
            className={cx(
              'mt-0.5 block text-[12.5px]',
              row.verdict === 'NO_FIT' ? 'text-vermilion' : row.verdict === 'MEASURE' ? 'text-petrol' : 'text-soft',
            )}
          >
            {row.headline}
          </span>
          {learned.map(({ note, first }) => (
            <span key={note} className="mt-1 block max-w-[300px] text-[12.5px] leading-tight" title={note}>
              <b className="tag px-1.5 py-px text-[11.5px]">fit note</b> {first ? note : <span className="text-soft">as above</span>}
            </span>
          ))}
        </td>
        <td className="px-2 py-2">{row.readyInDays === 0 ? 'now' : <span className="figure">{row.readyInDays} days</span>}</td>
        <td className="figure px-2 py-2 text-right">
          {row.price ?? 'not named'}
          {row.total && (
            <span className="block text-[12.5px] text-soft" title="Parts, labour and tax, as the quote says">
              {row.total} in all
            </span>
          )}
        </td>
        <td className="figure px-2 py-2 text-right whitespace-nowrap">{row.minutes === undefined ? '' : minutes(row.minutes)}</td>
        <td className="px-2 py-1.5">
          {row.range && <RangeBar range={row.range} told={row.told} reserve={row.reserve} far={far} day={day} />}
        </td>
        <td className="figure px-2 py-2 leading-tight">
          {row.range && (
            <>
              <span className="block">{Math.round(row.range.topSpeed)} km/h</span>
              <span className="block text-[12.5px] text-soft">{Math.round(row.range.climb)} % slope</span>
            </>
          )}
        </td>
        <td className="figure px-2 py-2 text-right whitespace-nowrap">{(row.massGrams / 1000).toFixed(1)} kg</td>
        <td className="px-3 py-2 text-[12.5px] leading-tight">{row.legalClass}</td>
      </tr>
      {asked.length > 0 && (
        <Needs asked={asked} row={row} inset={inset}>
          {children}
        </Needs>
      )}
    </>
  )
}
