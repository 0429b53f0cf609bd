import { useState } from 'react'
import { Link } from 'react-router'
import { JobHead } from '../../app/JobHead'
import type { Schemas } from '../../api/client'
import { DimensionedBike } from '../../drawing/DimensionedBike'
import { clock, length, useUnits } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useMay } from '../session/useSession'
import { MeasureEditor } from './MeasureEditor'
import { useJobNumber, useSheet, type MeasureField } from './useSheet'

export function SheetPage() {
  const job = useJobNumber()
  return (
    <Loaded query={useSheet(job)} what={`Bike sheet ${job}`}>
      {(sheet) => <Sheet key={job} sheet={sheet} />}
    </Loaded>
  )
}

/** The next measure that a kit waits for, walking on from here; then from the start. */
function nextOpen(fields: MeasureField[], after: string): string | undefined {
  const here = fields.findIndex((f) => f.key === after)
  return [...fields.slice(here + 1), ...fields.slice(0, here)].find((f) => !f.taken && f.holdsUp.length > 0)?.key
}

function Sheet({ sheet }: { sheet: Schemas['Sheet'] }) {
  const units = useUnits()
  const may = useMay()
  const wanted = sheet.fields.filter((f) => !f.taken && f.holdsUp.length > 0)
  const [selected, setSelected] = useState<string | undefined>(wanted[0]?.key)
  const stops = [...new Set(sheet.fields.map((f) => f.stop))]
  return (
    <>
      <JobHead job={sheet.job}>
        <p className="pb-2 text-right">
          {wanted.length > 0 ? (
            <b className="text-[18px] text-petrol">{wanted.length === 1 ? 'One measure holds kits up' : `${wanted.length} measures hold kits up`}</b>
          ) : (
            <>
              <b className="block text-[18px]">Everything a kit asks for is measured</b>
              <Link to={`/jobs/${sheet.job.number}/hinge`}>
                <Button hotkey="2" tabIndex={-1} className="mt-1">
                  Match it
                </Button>
              </Link>
            </>
          )}
        </p>
      </JobHead>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_470px] gap-4 px-6 pt-3 pb-4">
        <div className="flex flex-col items-center justify-center">
          <DimensionedBike
            drawing={sheet.drawing}
            paint={sheet.job.paint}
            width={740}
            height={520}
            label={`${sheet.job.kindLabel} to scale; measured parts in ink, the rest in pencil`}
            selected={selected}
            units={units}
            micrometres={(key) => sheet.fields.find((f) => f.key === key)?.taken?.length}
            onPick={setSelected}
          />
          <p className="mt-1 text-[13px] text-soft">Ink is measured, pencil is what this kind usually has. A dimension opens its measure.</p>
        </div>
        <div className="max-h-[calc(100vh-175px)] overflow-y-auto bg-paper">
          {stops.map((stop) => (
            <section key={stop} aria-label={stop}>
              <h2 className="bg-ink/8 px-4 py-1 text-[13.5px]">{stop}</h2>
              {sheet.fields
                .filter((f) => f.stop === stop)
                .map((f) => (
                  <div key={f.key} data-measure={f.key} className="border-b border-line last:border-0">
                    <button
                      type="button"
                      aria-expanded={selected === f.key}
                      onClick={() => setSelected(selected === f.key ? undefined : f.key)}
                      className={cx('grid w-full grid-cols-[1fr_auto] items-baseline gap-x-3 px-4 py-[7px] text-left hover:bg-paint-pale/60', selected === f.key && 'bg-paint-pale')}
                    >
                      <span className={cx(f.taken ? '' : f.holdsUp.length > 0 ? 'font-semibold text-petrol' : 'text-soft')}>{f.title}</span>
                      <span className="text-right">
                        {f.taken ? (
                          <>
                            <b className="figure">{f.taken.length !== undefined ? length(f.taken.length, units) : f.taken.text}</b>
                            <span className="ml-2 text-[12.5px] text-soft" title={`${f.taken.by}, ${clock(f.taken.at)}`}>
                              {f.taken.quality}
                            </span>
                          </>
                        ) : f.holdsUp.length > 0 ? (
                          <span className="text-[12.5px] text-petrol" title={f.holdsUp.join(', ')}>
                            holds up {f.holdsUp.length === 1 ? f.holdsUp[0] : `${f.holdsUp.length} kits`}
                          </span>
                        ) : (
                          <span className="text-[12.5px] text-soft">for the drawing</span>
                        )}
                      </span>
                    </button>
                    {selected === f.key && may.work && <MeasureEditor key={f.key} job={sheet.job.number} field={f} onSaved={() => setSelected(nextOpen(sheet.fields, f.key))} />}
                  </div>
                ))}
            </section>
          ))}
        </div>
      </div>
    </>
  )
}
