import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { Scroller } from '../../ui/Scroller'

/** No fragment is called so. */
const REFUSED = 'hold points not accepted'

/** The step library: its fragments, what each step takes by the book and by the shop's own days, and their text to change. */
export function LibraryPage() {
  const query = useQuery({ queryKey: ['library'], queryFn: () => answered(api.GET('/api/step-library')) })
  const [picked, setPicked] = useState<string>()
  const may = useMay()
  return (
    <Loaded query={query} what="The step library">
      {(library) => {
        const shown = library.fragments.find((f) => f.fragment === picked) ?? library.fragments[0]!
        return (
          <div className="grid h-[calc(100vh-50px)] min-h-[620px] grid-cols-[300px_minmax(0,1fr)]">
            <aside className="overflow-y-auto border-r border-line px-3 py-4">
              <h1 className="px-2 text-[22px]">Step library</h1>
              <p className="px-2 pb-2 text-[13px] text-soft">
                {library.steps} steps in {library.fragments.length} fragments. Jobs that have begun keep theirs.
              </p>
              {may('READ_AUDIT') && (
                <button
                  type="button"
                  aria-current={picked === REFUSED}
                  onClick={() => setPicked(REFUSED)}
                  className={cx(
                    'mb-2 flex min-h-10 w-full items-baseline border-b border-line px-2 py-1 text-left text-[14px] font-semibold',
                    picked === REFUSED ? 'bg-ink text-paper' : 'hover:bg-ink/10',
                  )}
                >
                  Hold points not accepted
                </button>
              )}
              {library.fragments.map((f) => (
                <button
                  key={f.fragment}
                  type="button"
                  aria-current={f === shown && picked !== REFUSED}
                  onClick={() => setPicked(f.fragment)}
                  className={cx(
                    'flex min-h-10 w-full items-baseline gap-2 px-2 py-1 text-left text-[14px]',
                    f === shown && picked !== REFUSED ? 'bg-ink text-paper' : 'hover:bg-ink/10',
                  )}
                >
                  <span className="flex-1">{f.title}</span>
                  <span className="figure text-[12.5px] opacity-75">{f.steps.length}</span>
                </button>
              ))}
            </aside>
            {picked === REFUSED ? (
              <Refused />
            ) : (
              <Fragment
                key={shown.fragment + shown.version}
                fragment={shown}
                changes={library.changes.filter((c) => c.fragment === shown.fragment)}
              />
            )}
          </div>
        )
      }}
    </Loaded>
  )
}

/** What second persons did not accept: how often of whom, and what was found. Looked at to find a step that is told badly, or a habit. */
function Refused() {
  const query = useQuery({ queryKey: ['library', 'refusals'], queryFn: () => answered(api.GET('/api/step-library/refusals')) })
  return (
    <Scroller as="section" className="min-h-0 overflow-y-auto px-6 pt-4 pb-6" aria-label="Hold points not accepted">
      <h2 className="text-[20px]">Hold points not accepted</h2>
      <Loaded query={query} what="What was not accepted">
        {({ people, last }) =>
          people.length === 0 ? (
            <p className="mt-3 max-w-[60ch] text-soft">
              No hold point was inspected yet. What a second person does not accept stands here with what was found.
            </p>
          ) : (
            <>
              <table className="mt-2 bg-paper text-[14px]">
                <thead>
                  <tr className="text-left text-[12.5px] text-soft">
                    <th className="px-4 py-1.5 font-normal">done by</th>
                    <th className="px-4 text-right font-normal">accepted</th>
                    <th className="px-4 text-right font-normal">not accepted</th>
                  </tr>
                </thead>
                <tbody>
                  {people.map((p) => (
                    <tr key={p.who} className="border-t border-line">
                      <td className="px-4 py-1.5 font-semibold">{p.who}</td>
                      <td className="figure px-4 text-right">{p.inspected}</td>
                      <td className={cx('figure px-4 text-right', p.refused > 0 && 'font-bold text-vermilion')}>{p.refused}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {last.length === 0 && <p className="mt-3 text-soft">Every hold point was accepted.</p>}
              <ul className="mt-4 grid gap-2">
                {last.map(({ refusal: r, title }) => (
                  <li key={`${r.job} ${r.step} ${r.at}`} className="bg-paper px-4 py-2 text-[14px]">
                    <p>
                      <Link to={`/stand/${r.job}`} className="figure font-bold underline underline-offset-2">
                        {r.job}
                      </Link>{' '}
                      <b>{title}</b>
                    </p>
                    <p>{r.found}</p>
                    <p className="text-[13px] text-soft">
                      {r.doer && `done by ${r.doer}, `}looked at by {r.by}, {clock(r.at)}
                    </p>
                  </li>
                ))}
              </ul>
            </>
          )
        }
      </Loaded>
    </Scroller>
  )
}

function Fragment({ fragment, changes }: { fragment: Schemas['LibraryFragment']; changes: Schemas['Change'][] }) {
  const may = useMay()
  const queries = useQueryClient()
  const toast = useToast()
  const file = useQuery({
    queryKey: ['library', fragment.fragment],
    queryFn: () => answered(api.GET('/api/step-library/{fragment}', { params: { path: { fragment: fragment.fragment } } })),
  })
  const [text, setText] = useState<string>()
  const [reason, setReason] = useState('')
  const bring = useCommand((tryOnly: boolean) => answered(api.POST('/api/step-library', { body: { yaml: text ?? '', reason, tryOnly } })), {
    quiet: true,
  })
  const edit = () => setText((file.data?.yaml ?? '').replace(`version: ${fragment.version}`, `version: ${fragment.version + 1}`))
  return (
    <section className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)] px-6 pt-4">
      <div className="flex items-baseline gap-4">
        <h2 className="text-[20px]">{fragment.title}</h2>
        <p className="text-[13.5px] text-soft">
          version {fragment.version}
          {fragment.addable && ', may be added to a job'}
          {changes.map((c) => ` · ${c.by}, ${clock(c.at)}: ${c.reason}`)[0]}
        </p>
        {may('KEEP_LIBRARY') && (
          <Button look="quiet" className="ml-auto" disabled={!file.data} onClick={() => (text === undefined ? edit() : setText(undefined))}>
            {text === undefined ? 'Change it' : 'Leave it'}
          </Button>
        )}
      </div>
      {text === undefined ? (
        <Scroller className="mt-2 min-h-0 overflow-y-auto pb-6">
          <table className="w-full bg-paper text-[14px]">
            <thead>
              <tr className="text-left text-[12.5px] text-soft">
                <th className="px-4 py-1.5 font-normal">part</th>
                <th className="font-normal">step</th>
                <th className="text-right font-normal">min, by the book</th>
                <th className="pr-4 text-right font-normal">min, learned here</th>
              </tr>
            </thead>
            <tbody>
              {fragment.steps.map((s, i) => (
                <tr key={s.key} className="border-t border-line">
                  <td className="px-4 py-1.5 text-[13px] text-soft">{s.phase === fragment.steps[i - 1]?.phase ? '' : s.phase}</td>
                  <td className="py-1.5">
                    {s.title}
                    {s.hold && <b className="ml-2 bg-paint px-1.5 text-[12px]">second person</b>}
                    {s.guards && (
                      <span title={s.guards} className="ml-2 border-l-4 border-vermilion pl-1.5 text-[12.5px]">
                        never left out
                      </span>
                    )}
                    {s.rests && (
                      <span title={s.rests} className="ml-2 text-[12.5px] text-soft">
                        waits {s.rests.split(' after ')[0]}
                      </span>
                    )}
                    {s.figures > 0 && (
                      <span className="ml-2 text-[12.5px] text-soft">
                        {s.figures} {s.figures === 1 ? 'figure' : 'figures'}
                      </span>
                    )}
                  </td>
                  <td className="text-right figure">{s.minutes}</td>
                  <td className="pr-4 text-right">
                    <Learned step={s} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </Scroller>
      ) : (
        <form
          className="mt-2 grid min-h-0 grid-rows-[minmax(0,1fr)_auto_auto] gap-2 pb-4"
          onSubmit={(e) => {
            e.preventDefault()
            bring.mutate(false, {
              onSuccess: (answer) => {
                queries.setQueryData(['library'], answer)
                toast.done(`${fragment.title}: version ${fragment.version + 1} is in force.`)
              },
            })
          }}
        >
          <textarea
            aria-label="Fragment as YAML"
            spellCheck={false}
            value={text}
            onChange={(e) => setText(e.target.value)}
            className="min-h-0 w-full resize-none border border-ink/60 bg-paper p-3 font-mono text-[13px] leading-snug"
          />
          {bring.error && (
            <Scroller
              as="pre"
              role="alert"
              className="max-h-32 overflow-y-auto border-l-[6px] border-vermilion bg-paper px-4 py-2 text-[13px] whitespace-pre-wrap"
            >
              {bring.error.message}
            </Scroller>
          )}
          {bring.isSuccess && bring.variables && (
            <p role="status" className="text-[14px] font-semibold text-petrol">
              Nothing is wrong with it.
            </p>
          )}
          <div className="flex gap-2">
            <Button look="quiet" disabled={bring.isPending} onClick={() => bring.mutate(true)}>
              Try it
            </Button>
            <input
              aria-label="Why it is changed"
              placeholder="why it is changed"
              maxLength={400}
              value={reason}
              onChange={(e) => setReason(e.target.value)}
              className="h-10 flex-1 border border-soft/60 bg-paper px-2.5"
            />
            <Button type="submit" disabled={reason.trim() === '' || bring.isPending}>
              Keep as version {fragment.version + 1}
            </Button>
          </div>
        </form>
      )}
    </section>
  )
}

/** What the shop's own steps say beside the book, on how many, and the way into the book. */
function Learned({ step }: { step: Schemas['LibraryStep'] }) {
  const may = useMay()
  const queries = useQueryClient()
  const toast = useToast()
  const take = useCommand((minutes: number) => answered(api.POST('/api/step-library/minutes', { body: { step: step.key, minutes } })))
  const { learned } = step
  const other = learned !== undefined && learned !== step.minutes
  return (
    <span className="inline-flex items-baseline gap-2 text-[12.5px] text-soft">
      {step.leftOut > 0 && <span>{step.leftOut} ticked too soon, left out</span>}
      {learned !== undefined && <span>of {step.counted}</span>}
      {other && may('KEEP_LIBRARY') && (
        <Button
          look="quiet"
          className="min-h-7 px-2 py-0 text-[12.5px]"
          disabled={take.isPending}
          onClick={() =>
            take.mutate(learned, {
              onSuccess: (answer) => {
                queries.setQueryData(['library'], answer)
                toast.done(`${step.title}: ${learned} min by the book from now on.`)
              },
            })
          }
        >
          Into the book
        </Button>
      )}
      <span className={cx('figure min-w-6 text-right text-[14px] text-ink', other && 'font-bold')}>{learned ?? '–'}</span>
    </span>
  )
}
