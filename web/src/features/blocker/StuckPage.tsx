import { useState } from 'react'
import { Link } from 'react-router'
import { clock, minutes } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { ResolveDialog } from './ResolveDialog'
import { useBlockers, type StopView } from './useBlockers'

/** Every bike that stands still, whose turn it is and for how long; longest first. */
export function StuckPage() {
  const query = useBlockers()
  const [at, setAt] = useState<StopView>()
  return (
    <div className="mx-auto w-full max-w-[1180px] px-6 py-4">
      <Loaded query={query} what="What is stuck">
        {({ waiting, resolved, bikes, minutes: lost }) => (
          <>
            <div className="flex items-baseline gap-4">
              <h1 className="text-[26px]">Stuck</h1>
              <p className="text-soft">
                {waiting.length === 0
                  ? 'Nothing stands still.'
                  : `${bikes} ${bikes === 1 ? 'bike stands' : 'bikes stand'} still, ${minutes(lost)} lost so far.`}
              </p>
            </div>
            {waiting.length === 0 && (
              <p className="mt-6 max-w-[60ch] text-soft">
                When somebody marks a step stuck at a stand, it stands here at once with its reason, what it is about and whose turn it is.
              </p>
            )}
            <ul className="mt-3 grid gap-3">
              {waiting.map((s) => (
                <li key={s.stop.id} data-stop={s.job.number} className="grid grid-cols-[112px_minmax(0,1fr)_auto] gap-x-5 bg-paper">
                  <div
                    className={cx(
                      'flex flex-col justify-center px-4 py-3 text-paper',
                      s.stop.kind === 'UNSAFE' ? 'bg-vermilion' : 'bg-ink',
                    )}
                  >
                    <span className="text-[26px] leading-none font-extrabold [font-stretch:84%]">{minutes(s.minutes)}</span>
                    <span className="mt-1 text-[12.5px]">stuck{s.jobTotal > s.minutes && `, ${minutes(s.jobTotal)} in all`}</span>
                  </div>
                  <div className="min-w-0 py-3">
                    <p className="text-[13px] text-soft">
                      <b className="figure text-ink">{s.job.number}</b> {s.job.bike} of {s.job.customer} ·{' '}
                      {s.job.stand ? `stand ${s.job.stand}` : s.job.place.toLowerCase()} · {s.stop.stepTitle}
                    </p>
                    <p className="text-[19px] leading-tight font-bold">{s.stop.what}</p>
                    <p className="mt-1 text-[14px]">
                      <b>{s.stop.kindLabel}</b>
                      {s.stop.part && <> · {s.stop.part}</>}
                      {s.stop.checkId && (
                        <>
                          {' '}
                          ·{' '}
                          <Link
                            to={`/jobs/${s.job.number}/hinge/${encodeURIComponent(s.job.kitCode ?? '')}#${s.stop.checkId}`}
                            className="underline underline-offset-2"
                          >
                            its knuckle
                          </Link>
                        </>
                      )}
                      <span className="text-soft">
                        {' '}
                        · {s.stop.by}, {clock(s.stop.at)}
                      </span>
                    </p>
                    {s.stop.asked && <p className="mt-1 border-l-4 border-paint pl-2 text-[14px]">Asked: {s.stop.asked}</p>}
                  </div>
                  <div className="flex items-center gap-4 py-3 pr-4">
                    {s.stop.photo && (
                      <Link to={`/photos/${s.stop.photo}`}>
                        <img src={`/api/photos/${s.stop.photo}/small`} alt="as it was found" className="h-[72px] w-[96px] object-cover" />
                      </Link>
                    )}
                    <p className="w-[104px] text-right text-[13px]">
                      <span className="text-soft">waits for</span>
                      <br />
                      <b>{s.stop.mustActLabel}</b>
                    </p>
                    <div className="flex flex-col gap-1.5">
                      {s.ways.length > 0 && (
                        <Button onClick={() => setAt(s)} className="min-h-11">
                          {s.ways.length === 1 ? 'It is right again' : 'Decide'}
                        </Button>
                      )}
                      <Link
                        to={`/stand/${s.job.number}`}
                        className="inline-flex min-h-9 items-center justify-center border border-ink/60 px-3 text-[13.5px] font-semibold"
                      >
                        its stand
                      </Link>
                    </div>
                  </div>
                </li>
              ))}
            </ul>
            {resolved.length > 0 && (
              <section className="mt-6">
                <h2 className="text-[17px]">Resolved in the last days</h2>
                <ul className="mt-1 text-[13.5px]">
                  {resolved.map((s) => (
                    <li key={s.stop.id} className="flex flex-wrap gap-x-3 border-t border-line py-1.5">
                      <b className="figure">{s.job.number}</b>
                      <span>{s.stop.what}</span>
                      <span className="text-soft">
                        {s.stop.resolved}
                        {s.stop.words && `: ${s.stop.words}`} · {s.stop.resolvedBy} · stuck {minutes(s.minutes)}
                      </span>
                    </li>
                  ))}
                </ul>
              </section>
            )}
          </>
        )}
      </Loaded>
      {at && <ResolveDialog stop={at} onClose={() => setAt(undefined)} />}
    </div>
  )
}
