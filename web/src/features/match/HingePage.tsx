import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { Link, useNavigate, useParams } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useJobNumber } from '../survey/useSheet'
import { Leaves } from './Leaves'
import { OwnWork } from './OwnWork'
import { WhatIf } from './WhatIf'
import { WhatItTakes } from './WhatItTakes'
import { NOTHING, hingeOf, isSupposing, useMatch, useShortlist, useWhatIf, type Match, type Supposed } from './useMatch'
import { useKeys } from '../../ui/useKeys'

export function HingePage() {
  const job = useJobNumber()
  const kit = useParams().kit ?? ''
  return (
    <Loaded query={useMatch(job, kit)} what={`The hinge of job ${job}`}>
      {(match) => (match.job.work === kit ? <OwnWork match={match} /> : <Hinge key={`${job} ${kit}`} match={match} />)}
    </Loaded>
  )
}

/** One bike, one kit: how the two leaves meet at every check. */
function Hinge({ match }: { match: Match }) {
  const navigate = useNavigate()
  const [asking, setAsking] = useState(false)
  const [supposed, setSupposed] = useState<Supposed>(NOTHING)
  const what = useWhatIf(match.job.number, match.kitCode, supposed)
  const supposing = asking && isSupposing(supposed) && what.data !== undefined
  const shown = supposing ? what.data : match
  const rows = useShortlist(match.job.number).data?.rows ?? []
  const at = rows.findIndex((r) => r.kitCode === match.kitCode)
  const go = (step: number) => {
    const row = rows[at + step]
    if (at >= 0 && row) void navigate(hingeOf(match.job.number, row.kitCode), { replace: true })
  }
  const suppose = (key: string) => {
    setAsking(true)
    setSupposed((s) => (key in s.measures ? s : { ...s, measures: { ...s.measures, [key]: '' } }))
  }
  useHotkeys('left', () => go(-1))
  useHotkeys('right', () => go(1))
  useKeys('w', () => setAsking((now) => !now))
  return (
    <>
      <JobHead job={match.job} drawing={shown.drawing}>
        <div className="max-w-[250px] pb-2 text-right">
          <p
            className={cx(
              'text-[20px] leading-[1.15] font-bold text-balance',
              shown.verdict === 'NO_FIT' ? 'text-vermilion' : shown.verdict === 'MEASURE' ? 'text-petrol' : 'text-ink',
            )}
          >
            {supposing && <span className="mr-2 bg-paint px-1.5 text-[13px] text-ink">supposed</span>}
            {shown.headline}
          </p>
          <p className="text-[13px] text-soft">
            {shown.findings.length} checks · {match.battery}
          </p>
        </div>
      </JobHead>
      <div className="mx-6 mt-2 flex items-center gap-1 border-b-[3px] border-paint pb-1.5">
        <Link
          to={`/jobs/${match.job.number}/hinge`}
          className="no-print mr-2 px-2 py-1 text-[13.5px] font-semibold underline decoration-line underline-offset-2 hover:decoration-ink"
        >
          Shortlist
        </Link>
        <h2 className="text-[19px]">{match.kitName}</h2>
        {at >= 0 && (
          <span className="no-print ml-3 flex items-center gap-1 text-[13px] text-soft">
            <button
              type="button"
              aria-label="The kit before"
              disabled={at === 0}
              onClick={() => go(-1)}
              className="size-8 border border-soft/50 text-ink enabled:hover:bg-ink enabled:hover:text-paper disabled:opacity-40"
            >
              ←
            </button>
            <button
              type="button"
              aria-label="The kit after"
              disabled={at === rows.length - 1}
              onClick={() => go(1)}
              className="size-8 border border-soft/50 text-ink enabled:hover:bg-ink enabled:hover:text-paper disabled:opacity-40"
            >
              →
            </button>
            <span className="figure ml-1">
              {at + 1} of {rows.length}
            </span>
          </span>
        )}
        <span className="no-print ml-auto flex gap-2">
          <a
            href={`/api/jobs/${match.job.number}/match/${encodeURIComponent(match.kitCode)}/match.pdf`}
            target="_blank"
            rel="noreferrer"
            className="inline-flex min-h-9 items-center border border-ink/70 px-3 text-[13.5px] font-semibold hover:bg-ink/5"
          >
            Whole match as PDF
          </a>
          <button
            type="button"
            aria-pressed={asking}
            onClick={() => setAsking(!asking)}
            className={cx(
              'inline-flex min-h-9 items-center gap-2 border border-ink/70 px-3 text-[13.5px] font-semibold',
              asking ? 'bg-paint' : 'hover:bg-ink/5',
            )}
          >
            What if <kbd className="border border-current/50 px-1.5 figure text-[11px] leading-4">W</kbd>
          </button>
        </span>
      </div>
      <div className="grid flex-1 grid-cols-[minmax(0,1fr)_310px] gap-5 px-6 pt-3 pb-5 print:block">
        <Leaves match={shown} before={supposing ? match : undefined} onSuppose={suppose} />
        {asking ? (
          <WhatIf
            match={match}
            now={shown}
            supposed={supposed}
            onSuppose={setSupposed}
            refused={what.error?.message}
            onClose={() => setAsking(false)}
          />
        ) : (
          <WhatItTakes job={match.job} match={match} />
        )}
      </div>
    </>
  )
}
