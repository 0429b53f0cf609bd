import { Link } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { minutes } from '../../quantity/units'
import { WhatItTakes } from './WhatItTakes'
import type { Match } from './useMatch'

/** The shop's own work: no kit is looked for, so there is nothing to match. What will be done, in its order, and the bill. */
export function OwnWork({ match }: { match: Match }) {
  const phases = [...new Set(match.planned.map((s) => s.phase))]
  return (
    <>
      <JobHead job={match.job} drawing={match.drawing}>
        <div className="max-w-[250px] pb-2 text-right">
          <p className="text-[20px] leading-[1.15] font-bold">{match.headline}</p>
          <p className="text-[13px] text-soft">parts and labour, no kit</p>
        </div>
      </JobHead>
      <div className="mx-6 mt-2 border-b-[3px] border-paint pb-1.5">
        <h2 className="text-[19px]">What is done: {match.kitName.toLowerCase()}</h2>
      </div>
      <div className="grid flex-1 grid-cols-[minmax(0,1fr)_310px] gap-5 px-6 pt-3 pb-5">
        <div>
          <ol className="bg-paper" aria-label="Steps of this work">
            {phases.map((phase) => (
              <li key={phase} className="grid grid-cols-[150px_minmax(0,1fr)] border-b border-line last:border-b-0">
                <span className="px-4 py-2 text-[13px] font-bold text-soft">{phase}</span>
                <ul className="border-l-[5px] border-floor">
                  {match.planned
                    .filter((s) => s.phase === phase)
                    .map((s) => (
                      <li
                        key={s.title}
                        className="flex items-baseline justify-between gap-4 border-b border-line/70 px-4 py-2 text-[15px] last:border-b-0"
                      >
                        {s.title} <span className="figure text-[13px] whitespace-nowrap text-soft">{minutes(s.minutes)}</span>
                      </li>
                    ))}
                </ul>
              </li>
            ))}
          </ol>
          <p className="mt-3 text-[13.5px] text-soft">
            What the arrival check grades “with the job” is in here with its steps and parts.{' '}
            <Link to={`/jobs/${match.job.number}/arrival`} className="underline underline-offset-2 hover:text-ink">
              Open the arrival check
            </Link>
            . Parts that are known only later are added on the bill, by whoever finds them.
          </p>
        </div>
        <WhatItTakes job={match.job} match={match} />
      </div>
    </>
  )
}
