import { useQuery, useQueryClient } from '@tanstack/react-query'
import { DropdownMenu } from 'radix-ui'
import { useState } from 'react'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { day } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { useToast } from '../../ui/toastContext'
import { useAskedKits } from './useSheet'

const OUTCOME = {
  NEW: 'enters',
  REPLACES: 'replaces',
  SAME: 'the same',
  KEPT_BACK: 'a surer value stays',
  NOT_ON_THIS_KIND: 'not on this kind',
} as const

/** Where a survey's values can come from besides hands: an earlier bike of the same frame, a file; and which kits it asks for. */
export function SurveyFrom({ job, kits, mayWork }: { job: number; kits: Schemas['AskedKit'][]; mayWork: boolean }) {
  const queries = useQueryClient()
  const toast = useToast()
  const sources =
    useQuery({
      queryKey: ['sources', job],
      queryFn: () => answered(api.GET('/api/jobs/{number}/survey/sources', { params: { path: { number: job } } })),
    }).data ?? []
  const copy = useCommand((from: number) =>
    answered(api.POST('/api/jobs/{number}/survey/copy', { params: { path: { number: job } }, body: { job: from } })),
  )
  const [file, setFile] = useState<string>()
  const again = () => void queries.invalidateQueries({ queryKey: ['sheet', job] })
  return (
    <div className="flex flex-wrap items-center gap-2">
      {kits.length > 0 && <AskedFor job={job} kits={kits} mayWork={mayWork} />}
      {mayWork &&
        sources.slice(0, 2).map((s) => (
          <Button
            key={s.job}
            look="quiet"
            className="min-h-9 py-1"
            onClick={() =>
              copy.mutate(s.job, {
                onSuccess: (plan) => {
                  again()
                  toast.done(
                    plan.entered === 0
                      ? 'Nothing was open that the earlier bike has.'
                      : `${plan.entered} values copied from job ${s.job}. Each counts once it is confirmed here.`,
                  )
                },
              })
            }
          >
            Copy from {s.bike}, {day(s.lastTaken.slice(0, 10))}
          </Button>
        ))}
      {mayWork && (
        <label className="inline-flex min-h-9 cursor-pointer items-center border border-ink/70 px-4 py-1 text-[14px] font-semibold hover:bg-ink/5 has-focus-visible:outline-3 has-focus-visible:outline-ink">
          <input
            type="file"
            accept="application/json,.json"
            className="sr-only"
            aria-label="Read a survey file"
            onChange={(e) => {
              void e.target.files?.[0]?.text().then(setFile)
              e.target.value = ''
            }}
          />
          Read a file
        </label>
      )}
      <a
        href={`/api/jobs/${job}/survey.json`}
        download
        className="inline-flex min-h-9 items-center border border-ink/70 px-4 py-1 text-[14px] font-semibold hover:bg-ink/5"
      >
        Write a file
      </a>
      {file !== undefined && (
        <FileDialog
          job={job}
          json={file}
          onClose={() => setFile(undefined)}
          onEntered={(n) => {
            setFile(undefined)
            again()
            toast.done(n === 1 ? 'One value entered from the file.' : `${n} values entered from the file.`)
          }}
        />
      )}
    </div>
  )
}

function AskedFor({ job, kits, mayWork }: { job: number; kits: Schemas['AskedKit'][]; mayWork: boolean }) {
  const ask = useAskedKits(job)
  const chosen = kits.filter((k) => k.chosen)
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        disabled={!mayWork}
        className="inline-flex min-h-9 items-center gap-2 border border-ink/70 px-4 py-1 text-[14px] font-semibold hover:bg-ink/5"
      >
        Asks for {chosen.length === 0 ? `all ${kits.length} kits` : chosen.length === 1 ? chosen[0]!.name : `${chosen.length} kits`}{' '}
        <span aria-hidden="true">▾</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="start" sideOffset={4} className="z-40 max-h-[50vh] overflow-y-auto bg-paper py-1 ring-1 ring-ink">
          {kits.map((k) => (
            <DropdownMenu.CheckboxItem
              key={k.code}
              checked={k.chosen}
              onSelect={(e) => e.preventDefault()}
              onCheckedChange={(on) =>
                ask.mutate(on ? [...chosen.map((c) => c.code), k.code] : chosen.filter((c) => c.code !== k.code).map((c) => c.code))
              }
              className="flex min-h-9 cursor-pointer items-center gap-3 px-4 data-[highlighted]:bg-paint-pale"
            >
              <span className="figure w-3">{k.chosen ? '✓' : ''}</span> {k.name}
            </DropdownMenu.CheckboxItem>
          ))}
          <DropdownMenu.Item
            onSelect={() => ask.mutate([])}
            className="min-h-9 cursor-pointer border-t border-line px-4 py-2 data-[highlighted]:bg-paint-pale"
          >
            All kits in stock
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

/** What a file would change, before anything does. */
function FileDialog({
  job,
  json,
  onClose,
  onEntered,
}: {
  job: number
  json: string
  onClose: () => void
  onEntered: (count: number) => void
}) {
  const [chosen, setChosen] = useState<string[]>([])
  const body = (apply: boolean) => ({ json, apply, chosen })
  const path = { params: { path: { number: job } } }
  const plan = useQuery({
    queryKey: ['survey-file', job, json],
    queryFn: () => answered(api.POST('/api/jobs/{number}/survey/file', { ...path, body: body(false) })),
    retry: false,
    gcTime: 0,
  })
  const enter = useCommand(() => answered(api.POST('/api/jobs/{number}/survey/file', { ...path, body: body(true) })))
  const lines = plan.data?.lines ?? []
  const count = lines.filter((l) => l.enters || chosen.includes(l.measure)).length
  return (
    <Dialog
      open
      onClose={onClose}
      wide
      title={plan.isError ? 'The file is refused' : 'What the file would change'}
      hint={plan.data?.bike && `Survey of ${plan.data.bike}`}
    >
      {plan.isError && (
        <p role="alert" className="border-l-[5px] border-vermilion bg-paper px-3 py-2 whitespace-pre-line">
          {plan.error.message}
        </p>
      )}
      {lines.length > 0 && (
        <div className="max-h-[56vh] overflow-y-auto bg-paper">
          <table className="w-full text-[13.5px]">
            <tbody>
              {lines.map((l) => (
                <tr key={l.measure} data-outcome={l.outcome} className="border-b border-line">
                  <td className="py-1 pl-3">{l.title}</td>
                  <td className="figure py-1 font-semibold">{l.text}</td>
                  <td className="py-1 text-soft">{l.inForce ? `now ${l.inForce}` : ''}</td>
                  <td className={cx('py-1 pr-3 text-right', l.outcome === 'KEPT_BACK' ? 'text-petrol' : 'text-soft')}>
                    {l.outcome === 'KEPT_BACK' ? (
                      <label className="inline-flex items-center gap-2">
                        <input
                          type="checkbox"
                          checked={chosen.includes(l.measure)}
                          onChange={() =>
                            setChosen(chosen.includes(l.measure) ? chosen.filter((c) => c !== l.measure) : [...chosen, l.measure])
                          }
                          className="size-4 accent-petrol"
                        />
                        take the file’s
                      </label>
                    ) : (
                      OUTCOME[l.outcome]
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <div className="mt-4 flex gap-2">
        {!plan.isError && (
          <Button
            disabled={count === 0 || enter.isPending}
            onClick={() => enter.mutate(undefined, { onSuccess: (done) => onEntered(done.entered) })}
          >
            {count === 0 ? 'Nothing to enter' : `Enter ${count}`}
          </Button>
        )}
        <Button look="quiet" onClick={onClose}>
          {plan.isError ? 'Close' : 'Leave it'}
        </Button>
      </div>
    </Dialog>
  )
}
