import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { date, day, minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { hour, inDanger, toLookAt } from './floor'
import { useHelps, useWhy, type Ahead, type JobAhead } from './useAhead'
import { Scroller } from '../../ui/Scroller'

export const at = (moment: string) => `${date(moment.slice(0, 10))} ${hour(moment)}`

/** What a chosen job's days hang on: its promise, the chain of causes, and what would help. */
export function Chosen({
  ahead,
  job,
  maySay,
  onSay,
  onChoose,
  onLeave,
}: {
  ahead: Ahead
  job: JobAhead
  maySay: boolean
  onSay: () => void
  onChoose: (job: number) => void
  onLeave: () => void
}) {
  return (
    <section aria-label={`Job ${job.job}`} className="sheet grid grid-cols-[minmax(0,1fr)_340px] gap-6 px-6 pt-2.5 pb-3">
      <div className="min-w-0">
        <div className="flex items-center gap-3">
          <h2 className="min-w-0 flex-1 truncate text-[18px]">
            <Link to={`/jobs/${job.job}/sheet`} className="hover:underline">
              <span className="figure font-bold">{job.job}</span> {job.bike}{' '}
              <span className="font-normal text-soft">of {job.customer}</span>
            </Link>
          </h2>
          {maySay && (
            <Button hotkey="M" className="min-h-8 py-0.5" onClick={onSay}>
              Promise or move
            </Button>
          )}
          <Button look="quiet" hotkey="Esc" className="min-h-8 py-0.5" onClick={onLeave}>
            Close
          </Button>
        </div>
        {job.since && (
          <p className="mt-0.5 truncate text-[13px]" title={job.since}>
            <b className="text-vermilion">Not as agreed any more.</b> {job.since}
          </p>
        )}
        {job.lacks !== '' ? (
          <p className="mt-1 text-[14px]">
            <b className="text-vermilion">It cannot be planned. {job.lacks}</b> {job.cure}
          </p>
        ) : (
          <Why ahead={ahead} job={job} onChoose={onChoose} />
        )}
      </div>
      {job.lacks === '' && <WouldHelp job={job} onChoose={onChoose} />}
    </section>
  )
}

function Why({ ahead, job, onChoose }: { ahead: Ahead; job: JobAhead; onChoose: (job: number) => void }) {
  const why = useWhy(job.job).data
  const last = why?.chains.at(-1)
  const told = job.late ? 'It will be late. Why not earlier?' : inDanger(job) ? 'It may be late. Why not earlier?' : 'Why not earlier?'
  return (
    <>
      <p className="mt-0.5 text-[13.5px] leading-[1.3] text-soft">
        {job.said.promised ? `Promised ${date(job.said.promised)}` : 'No day promised'}
        {job.finish && `, planned ${at(job.finish)}`}
        {job.safe && (
          <>
            , safe to promise <b className="text-ink">{date(job.safe)}</b>
            {job.percent !== undefined && ` (holds in ${job.percent} of 100)`}
          </>
        )}
        .{job.between.length > 0 && job.likely && ` Most likely ${date(job.likely)}: ${job.between.join('; ')}.`}{' '}
        <b className={job.late || inDanger(job) ? 'text-vermilion' : 'text-ink'}>{told}</b>
      </p>
      <Scroller as="ol" className="mt-1.5 flex gap-4 overflow-x-auto pb-1" aria-label="Chain of causes">
        {last &&
          together(last.causes).map((c, i) => (
            <CauseLink
              key={i}
              cause={c}
              first={i === 0}
              own={c.job === job.job}
              known={ahead.jobs.some((j) => j.job === c.job)}
              onChoose={onChoose}
            />
          ))}
        {!last && <li className="text-[13px] text-soft">Looking for the reasons …</li>}
      </Scroller>
    </>
  )
}

/** Legs of one job that only follow one another are one link. */
function together(causes: Schemas['CauseView'][]): Schemas['CauseView'][] {
  const links: Schemas['CauseView'][] = []
  for (const cause of causes) {
    const before = links.at(-1)
    if (before && before.job === cause.job && before.kind === 'EARLIER_LEG') {
      links[links.length - 1] = cause.kind === 'EARLIER_LEG' ? before : { ...cause, sentence: cause.sentence }
    } else links.push(cause)
  }
  return links
}

function CauseLink({
  cause,
  first,
  own,
  known,
  onChoose,
}: {
  cause: Schemas['CauseView']
  first: boolean
  own: boolean
  known: boolean
  onChoose: (job: number) => void
}) {
  const head = (
    <>
      <b className="truncate" title={cause.title}>
        <span className="figure">{cause.job}</span> {cause.title}
      </b>
      <span className="figure whitespace-nowrap text-soft">{at(cause.start)}</span>
    </>
  )
  return (
    <li
      className={cx(
        'relative w-[264px] shrink-0 border border-ink bg-paper px-2 py-1 text-[12.5px] leading-[1.25]',
        !first && 'before:absolute before:top-1/2 before:-left-[17px] before:w-[16px] before:border-t-2 before:border-ink',
      )}
    >
      {own || !known ? (
        <span className="flex justify-between gap-2">{head}</span>
      ) : (
        <button type="button" onClick={() => onChoose(cause.job)} className="flex w-full justify-between gap-2 text-left hover:underline">
          {head}
        </button>
      )}
      <span className="mt-0.5 block text-soft">{cause.sentence}</span>
    </li>
  )
}

function WouldHelp({ job, onChoose }: { job: JobAhead; onChoose: (job: number) => void }) {
  const helps = useHelps(job.job).data
  return (
    <div className="min-w-0">
      <h3 className="text-[14px]">What would help</h3>
      <Scroller as="ul" className="mt-0.5 max-h-[104px] overflow-y-auto text-[13px]">
        {helps?.map((h) => (
          <li key={h.what} className="flex items-baseline justify-between gap-3 border-b border-manila-line/60 py-[3px]">
            <span>
              {h.what}
              {h.gain > 0 && h.later.length > 0 && (
                <span className="block text-[12px] text-soft">
                  later then:{' '}
                  {h.later.map((n) => (
                    <button key={n} type="button" className="mr-1 figure underline underline-offset-2" onClick={() => onChoose(n)}>
                      {n}
                    </button>
                  ))}
                </span>
              )}
            </span>
            <b className={cx('whitespace-nowrap', h.gain > 0 ? 'text-petrol' : 'font-normal text-soft')}>
              {h.gain > 0 ? `${date(h.finish.slice(0, 10))}${keeps(h, job) ? ', in time' : ''}` : 'no day gained'}
            </b>
          </li>
        ))}
        {!helps && <li className="text-soft">Planning with each …</li>}
      </Scroller>
    </div>
  )
}

const keeps = (help: Schemas['HelpView'], job: JobAhead) =>
  job.late && job.said.promised !== undefined && help.finish.slice(0, 10) <= job.said.promised

/** With no bike chosen: what asks for a look, the worst first. */
export function LookAt({ ahead, onChoose }: { ahead: Ahead; onChoose: (job: number) => void }) {
  const ask = toLookAt(ahead.jobs)
  const hours = ahead.people.filter((p) => p.does).flatMap((p) => p.days.slice(0, 7))
  const planned = hours.reduce((sum, d) => sum + d.planned, 0)
  const there = hours.reduce((sum, d) => sum + d.minutes, 0)
  return (
    <section aria-label="What asks for a look" className="sheet px-6 pt-2.5 pb-3">
      <div className="flex items-baseline justify-between gap-4">
        <h2 className="text-[18px]">
          {ask.length === 0
            ? 'Every promised day holds'
            : ask.length === 1
              ? 'One job asks for a look'
              : `${ask.length} jobs ask for a look`}
        </h2>
        <p className="text-[13px] text-soft" title={ahead.learned}>
          {ahead.record} Next seven days: {minutes(planned)} planned of {minutes(there)} that the technicians are in.
        </p>
      </div>
      <Scroller as="ul" className="mt-1.5 grid max-h-[92px] grid-cols-3 gap-x-6 overflow-y-auto text-[13px]">
        {ask.map((j) => (
          <li key={j.job}>
            <button
              type="button"
              onClick={() => onChoose(j.job)}
              className={cx(
                'w-full truncate border-l-4 py-[3px] pl-2 text-left hover:bg-paper',
                j.late || j.lacks !== '' ? 'border-vermilion' : 'border-paint',
              )}
            >
              <b className="figure">{j.job}</b> {j.bike}:{' '}
              {j.lacks !== ''
                ? 'cannot be planned'
                : j.late
                  ? `promised ${day(j.said.promised!)}, planned ${day(j.finish!.slice(0, 10))}`
                  : `promised ${day(j.said.promised!)}, safe only ${day(j.safe!)}`}
            </button>
          </li>
        ))}
        {ask.length === 0 && (
          <li className="col-span-3 text-soft">
            Choose a bike to see its way through the days, why it is not finished earlier, and what would help.
          </li>
        )}
      </Scroller>
    </section>
  )
}
