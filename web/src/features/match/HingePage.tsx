import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useSearchParams } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { answered, api, type Schemas } from '../../api/client'
import { HingeStrip, Knuckle } from '../../drawing/Knuckle'
import { StackSection } from '../../drawing/StackSection'
import { FindingDetail } from '../../explain/FindingDetail'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useJobNumber } from '../survey/useSheet'
import { WhatItTakes } from './WhatItTakes'

type Match = Schemas['Match']

export function HingePage() {
  const job = useJobNumber()
  const query = useQuery({ queryKey: ['match', job], queryFn: () => answered(api.GET('/api/jobs/{number}/match', { params: { path: { number: job } } })) })
  return (
    <Loaded query={query} what={`The hinge of job ${job}`}>
      {(list) => <Hinge key={job} list={list} />}
    </Loaded>
  )
}

function Hinge({ list }: { list: Schemas['Shortlist'] }) {
  const [search, setSearch] = useSearchParams()
  const chosen = list.matches.find((m) => m.kitCode === (search.get('kit') ?? list.job.kitCode)) ?? list.matches[0]
  const choose = (m: Match | undefined) => m && setSearch({ kit: m.kitCode }, { replace: true })
  const at = list.matches.findIndex((m) => m === chosen)
  useHotkeys('left', () => choose(list.matches[at - 1]))
  useHotkeys('right', () => choose(list.matches[at + 1]))
  if (!chosen) return <p className="m-8">No kit is in stock yet. Receive one, and it is matched at once.</p>
  return (
    <>
      <JobHead job={list.job} drawing={chosen.drawing}>
        <div className="pb-2 text-right">
          <p className={cx('text-[20px] font-bold', chosen.verdict === 'NO_FIT' ? 'text-vermilion' : chosen.verdict === 'MEASURE' ? 'text-petrol' : 'text-ink')}>{chosen.headline}</p>
          <p className="text-[13px] text-soft">
            {chosen.findings.length} checks · {chosen.battery}
          </p>
        </div>
      </JobHead>
      <div role="tablist" aria-label="Kits" className="mx-6 mt-3 flex border-b-[3px] border-paint">
        {list.matches.map((m) => (
          <button
            key={m.kitCode}
            type="button"
            role="tab"
            aria-selected={m === chosen}
            onClick={() => choose(m)}
            className={cx('min-w-0 flex-1 px-3 pt-1.5 pb-2 text-left', m === chosen ? 'bg-paper outline-[3px] outline-paint' : 'hover:bg-paper/60')}
          >
            <span className="block truncate text-[13.5px] font-semibold">{m.kitName}</span>
            <span className="mt-0.5 flex items-center gap-2.5">
              <HingeStrip findings={m.findings} />
              <span className="truncate text-[12.5px] text-soft">{m.headline}</span>
            </span>
          </button>
        ))}
      </div>
      <div className="grid flex-1 grid-cols-[minmax(0,1fr)_310px] gap-5 px-6 pt-3 pb-5">
        <Leaves key={chosen.kitCode} match={chosen} />
        <WhatItTakes job={list.job} match={chosen} />
      </div>
    </>
  )
}

/** Left leaf, pin, right leaf: one knuckle for each check. */
function Leaves({ match }: { match: Match }) {
  const worst = [...match.findings].reverse().find((f) => f.verdict === match.verdict)
  const [open, setOpen] = useState<string | undefined>(worst?.verdict === 'FITS' ? match.findings.find((f) => f.exhibit)?.checkId : worst?.checkId)
  const shown = match.findings.find((f) => f.checkId === open && f.exhibit) ?? match.findings.find((f) => f.exhibit)
  return (
    <div className="min-w-0">
      <div className="grid grid-cols-[minmax(0,1fr)_132px_minmax(0,1fr)] pb-1 text-[13px] font-bold text-soft [font-stretch:80%]">
        <span className="pl-4">THE BIKE, as measured</span>
        <span />
        <span className="pl-4">THE KIT, as published</span>
      </div>
      <div className="relative">
        <span aria-hidden="true" className="absolute top-0 bottom-0 left-1/2 w-[7px] -translate-x-1/2 border-x border-ink/50 bg-floor" />
        <ul className="relative">
          {match.findings.map((f) => (
            <li key={f.checkId} className="border-t border-line last:border-b" data-check={f.checkId} data-verdict={f.verdict}>
              <button
                type="button"
                aria-expanded={open === f.checkId}
                onClick={() => setOpen(open === f.checkId ? undefined : f.checkId)}
                className={cx('grid w-full grid-cols-[minmax(0,1fr)_132px_minmax(0,1fr)] items-center text-left', open === f.checkId ? 'bg-paint-pale' : 'hover:bg-paper/70')}
              >
                <span className="grid grid-cols-[110px_minmax(0,1fr)] items-baseline gap-2 py-2 pl-4">
                  <b className="text-[14px]">{f.title}</b>
                  <span className="min-w-0">
                    <span className="figure font-semibold">{f.bike.says}</span> <span className="text-[12.5px] text-soft">{f.bike.detail}</span>
                  </span>
                </span>
                <Knuckle verdict={f.verdict} />
                <span className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-3 py-2 pr-3 pl-4">
                  <span className="min-w-0">
                    <span>{f.kit.says}</span> <span className="text-[12.5px] text-soft">{f.kit.detail}</span>
                  </span>
                  <span className={cx('figure max-w-[168px] text-right text-[13px] font-semibold whitespace-nowrap', f.verdict === 'NO_FIT' && 'text-vermilion', f.verdict === 'MEASURE' && 'text-petrol')}>{f.margin.text}</span>
                </span>
              </button>
              {open === f.checkId && <FindingDetail finding={f} />}
            </li>
          ))}
        </ul>
      </div>
      {shown?.exhibit && (
        <figure className="mt-3 bg-paper px-4 pt-2.5 pb-2">
          <figcaption className="flex items-baseline gap-3 text-[13.5px]">
            <b>{shown.exhibit.title}</b>
            <span className="text-soft">{shown.exhibit.note}</span>
          </figcaption>
          <StackSection section={shown.exhibit} />
        </figure>
      )}
    </div>
  )
}
