import { useState } from 'react'
import { Link } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useBenchOfJob } from '../bench/useBench'
import { useMay } from '../session/useSession'
import { useJobNumber } from '../survey/useSheet'
import { useCommission, useCommissionCommands } from './useCommission'

/** What the display is set to and why, the papers, and the stand-in to try the tests on. */
export function SettingsPage() {
  const job = useJobNumber()
  const may = useMay()
  const commands = useCommissionCommands(job)
  const [at, setAt] = useState<string>()
  const [value, setValue] = useState('')
  return (
    <Loaded query={useCommission(job)} what={`The settings of job ${job}`}>
      {(sheet) => (
        <>
          <JobHead job={sheet.job} />
          <div className="grid grid-cols-[minmax(0,1fr)_360px] items-start gap-5 px-6 pt-4 pb-8">
            {!sheet.job.work && (
              <section aria-label="Settings" className="bg-paper px-5 pt-3 pb-4">
                <div className="flex items-center gap-4">
                  <h2 className="text-[18px]">Settings, page by page</h2>
                  {may('SET_UP') && sheet.settings.some((s) => !s.by && !s.hidden) && (
                    <Button
                      look="quiet"
                      className="ml-auto"
                      disabled={commands.asShown.isPending}
                      onClick={() => commands.asShown.mutate(undefined)}
                    >
                      All set as shown
                    </Button>
                  )}
                </div>
                <p className="text-[14px] text-soft">
                  {sheet.kitName}. What nobody can explain is left as found, with its value written down.
                </p>
                {sheet.settings.length === 0 && <p className="mt-4 text-soft">This kit has no display to set.</p>}
                <table className="mt-2 w-full text-[14.5px]">
                  <tbody>
                    {sheet.settings.map((s) => (
                      <tr key={s.page} className="border-t border-line align-baseline">
                        <td className="w-10 py-2 figure font-bold">{s.page}</td>
                        <td className="py-2 pr-3">
                          {s.meaning}
                          <span className="block text-[12.5px] text-soft">takes {s.allowed}</span>
                        </td>
                        <td className="py-2 pr-3">
                          {at === s.page ? (
                            <form
                              className="flex gap-1.5"
                              onSubmit={(e) => {
                                e.preventDefault()
                                commands.set.mutate({ page: s.page, value }, { onSuccess: () => setAt(undefined) })
                              }}
                            >
                              <input
                                aria-label={s.meaning}
                                autoFocus
                                maxLength={120}
                                value={value}
                                onChange={(e) => setValue(e.target.value)}
                                onKeyDown={(e) => e.key === 'Escape' && setAt(undefined)}
                                className="h-10 w-36 border border-ink/60 bg-paper px-2"
                              />
                              <Button type="submit" disabled={value.trim() === '' || commands.set.isPending}>
                                Set
                              </Button>
                            </form>
                          ) : (
                            <b className={cx('text-[17px]', !s.by && 'font-normal')}>{s.value}</b>
                          )}
                          <span className="block text-[12.5px] text-soft">{s.ground}</span>
                        </td>
                        <td className="w-52 py-2 text-right text-[12.5px] whitespace-nowrap text-soft">
                          {s.by ? (
                            <>
                              <b className="text-ink">{s.by}</b>, {clock(s.at!)}
                            </>
                          ) : (
                            'not set yet'
                          )}
                          {may('SET_UP') && at !== s.page && (
                            <button
                              type="button"
                              aria-label={`${s.by ? 'again' : 'it is set'}: ${s.meaning}`}
                              className="ml-2 min-h-9 text-ink underline underline-offset-2"
                              onClick={() => {
                                setAt(s.page)
                                setValue(s.by && !s.hidden ? s.value : s.hidden ? '' : s.value)
                              }}
                            >
                              {s.by ? 'again' : 'it is set'}
                            </button>
                          )}
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </section>
            )}
            <div className="grid gap-5">
              <section aria-label="Papers" className="bg-paper px-5 pt-3 pb-4">
                <h2 className="text-[18px]">Papers</h2>
                <ul>
                  {sheet.papers.map(({ key, title }) => (
                    <li key={key} className="flex items-baseline border-t border-line py-1.5">
                      <a
                        href={`/api/jobs/${job}/papers/${key}.pdf`}
                        target="_blank"
                        rel="noreferrer"
                        className="font-semibold underline underline-offset-2"
                      >
                        {title}
                      </a>
                      <a
                        href={`/api/jobs/${job}/papers/${key}.html`}
                        target="_blank"
                        rel="noreferrer"
                        className="ml-auto text-[13px] underline underline-offset-2"
                      >
                        as a page
                      </a>
                    </li>
                  ))}
                  <Sheets job={job} />
                </ul>
              </section>
              {!sheet.job.work && (
                <section aria-label="Stand-in" className="border-l-[6px] border-paint bg-paper px-5 pt-3 pb-4">
                  <h2 className="text-[18px]">Stand-in for the controller</h2>
                  <p className="text-[13.5px] text-soft">
                    Answers the tests at the stand as this kit on this bike would. Not a real bike: for learning and trying.
                  </p>
                  <p className="mt-2 text-[15px] font-semibold">{sheet.seen}</p>
                  <fieldset className="mt-2">
                    <legend className="text-[13px] text-soft">Faults, switched on to look for</legend>
                    <div className="grid">
                      {sheet.faults.map((f) => (
                        <label key={f.fault} className="flex min-h-8 items-center gap-2.5 text-[14px]">
                          <input
                            type="checkbox"
                            className="size-4.5 accent-vermilion"
                            checked={f.on}
                            disabled={!may('SET_UP')}
                            onChange={(e) => commands.fault.mutate({ fault: f.fault, on: e.target.checked })}
                          />
                          <span className={cx(f.on && 'font-bold text-vermilion')}>{f.label}</span>
                        </label>
                      ))}
                    </div>
                  </fieldset>
                  <Link to={`/stand/${job}`} className="mt-3 inline-block bg-petrol px-4 py-2 text-[14px] font-semibold text-paper">
                    To the tests
                  </Link>
                  <Link to="/devices" className="ml-4 text-[14px] underline underline-offset-2">
                    wrench and meter
                  </Link>
                </section>
              )}
            </div>
          </div>
        </>
      )}
    </Loaded>
  )
}

/** Sheets at true size: those that are known in one file, the others at the bench. */
function Sheets({ job }: { job: number }) {
  const sheets = useBenchOfJob(job).data?.sheets ?? []
  const whole = sheets.filter((s) => s.whole)
  return (
    <>
      {whole.length > 0 && (
        <li className="border-t border-line py-1.5">
          <a
            href={`/api/jobs/${job}/bench/sheets.pdf`}
            target="_blank"
            rel="noreferrer"
            className="font-semibold underline underline-offset-2"
          >
            Sheets at true size
          </a>
          <span className="block text-[13px] text-soft">{whole.map((s) => s.label).join(', ')}</span>
        </li>
      )}
      {sheets
        .filter((s) => !s.whole)
        .map((s) => (
          <li key={s.kind} className="border-t border-line py-1.5">
            <Link to={`/bench?tool=sheet&kind=${s.kind}&job=${job}`} className="font-semibold underline underline-offset-2">
              {s.label}
            </Link>
            <span className="block text-[13px] text-soft">measured and printed at the bench</span>
          </li>
        ))}
    </>
  )
}
