import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answered, api, type Schemas } from '../../api/client'
import { Knuckle, WORDS } from '../../drawing/Knuckle'
import { useYard } from '../yard/useYard'
import { goTo } from './places'

export type Draft = Schemas['DraftAnswer']

const QUIET_MS = 350

/** What the server says of a sheet as it stands: asked whenever somebody has stopped typing for a moment. */
export function useDraft(text: string, job: number | undefined, asked: boolean) {
  const [settled, setSettled] = useState(text)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), QUIET_MS)
    return () => clearTimeout(timer)
  }, [text])
  return useQuery({
    queryKey: ['kit-draft', settled, job],
    queryFn: () => answered(api.POST('/api/kits/draft', { body: { text: settled, job } })),
    placeholderData: keepPreviousData,
    enabled: asked,
    gcTime: 0,
  })
}

/** What is missing, by what it is for; what is wrong; and what would become of the kit on a bike of the yard. */
export function DraftPanel({
  draft,
  title,
  job,
  onJob,
}: {
  draft: Draft | undefined
  title: (path: string) => string
  job: number | undefined
  onJob: (job: number | undefined) => void
}) {
  const yard = useYard().data
  if (!draft) return <p className="text-[13.5px] text-soft">Looking at what is missing …</p>
  const all = new Map(draft.gaps.flatMap((g) => g.missing.map((m) => [m.path, m])))
  /** With what it lies in, where its title alone does not tell it from the others. */
  const said = (m: Schemas['MissingFigure']) =>
    m.within !== '' && [...all.values()].filter((o) => o.title === m.title).length > 1 ? `${m.within}: ${m.title.toLowerCase()}` : m.title
  const done = draft.gaps.length === 0 && draft.faults.length === 0
  return (
    <div className="text-[13.5px]">
      {draft.gaps.length > 0 && (
        <section aria-label="What is missing">
          <h3 className="text-[15px]">What is missing, by what it is for</h3>
          <ul>
            {draft.gaps.map((g) => (
              <li key={g.what} className="border-b border-line py-1">
                <b>{g.what.charAt(0).toUpperCase() + g.what.slice(1)}</b>
                <span className="flex flex-wrap gap-x-3">
                  {g.missing.map((m) => (
                    <button key={m.path} type="button" className="min-h-6 text-left text-petrol underline" onClick={() => goTo(m.path)}>
                      {said(m)}
                    </button>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {draft.faults.length > 0 && (
        <section aria-label="What cannot be so" className="mt-2 border-l-[5px] border-vermilion bg-vermilion-pale px-3 py-1.5">
          <h3 className="text-[15px]">What cannot be so</h3>
          <ul>
            {draft.faults.map((f) => (
              <li key={f.path + f.reason}>
                {f.path !== '' && (
                  <button type="button" className="min-h-6 text-left font-semibold underline" onClick={() => goTo(f.path)}>
                    {title(f.path)}
                  </button>
                )}{' '}
                {f.reason}
              </li>
            ))}
          </ul>
        </section>
      )}
      {draft.contradictions.length > 0 && (
        <ul aria-label="Contradictions" className="mt-2 border-l-[5px] border-paint bg-paint-pale px-3 py-1.5">
          {draft.contradictions.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      )}
      {done && (
        <p className="border-l-[5px] border-petrol bg-paper px-3 py-1.5 font-semibold">Nothing is missing: every check has its figures.</p>
      )}
      <label className="mt-3 block">
        <span className="label text-[14px]">Try it on the bike of job</span>
        <select
          value={job ?? ''}
          onChange={(e) => onJob(e.target.value === '' ? undefined : Number(e.target.value))}
          className="mt-0.5 h-9 w-full border border-soft/60 bg-paper px-1.5"
        >
          <option value="">choose</option>
          {[...(yard?.bikes ?? [])]
            .map((b) => b.job)
            .sort((a, b) => a.number - b.number)
            .map((b) => (
              <option key={b.number} value={b.number}>
                {b.number}, {b.bike}
              </option>
            ))}
        </select>
      </label>
      {job !== undefined && !draft.onBike && (
        <p className="mt-1 text-soft">As soon as nothing is missing or wrong, it is matched with that bike.</p>
      )}
      {draft.onBike && <OnBike on={draft.onBike} />}
    </div>
  )
}

function OnBike({ on }: { on: Schemas['OnBike'] }) {
  return (
    <section aria-label={`On the bike of job ${on.job}`} className="mt-2">
      {on.kits.map((k) => (
        <details key={k.code} open={on.kits.length === 1} className="border-b border-line py-1">
          <summary className="cursor-pointer">
            <span className="inline-flex items-center gap-2">
              <Knuckle verdict={k.verdict} width={66} height={22} /> <b className="figure">{k.code}</b> <b>{WORDS[k.verdict]}</b>
            </span>{' '}
            {k.headline}
          </summary>
          <ul>
            {k.open.map((c) => (
              <li key={c.title} className="pt-0.5">
                <b>
                  {c.title}: {WORDS[c.verdict]}.
                </b>{' '}
                {c.sentence}
              </li>
            ))}
          </ul>
          <p className="text-soft">
            {k.fits} {k.fits === 1 ? 'check' : 'checks'} a plain fit.
          </p>
        </details>
      ))}
    </section>
  )
}
