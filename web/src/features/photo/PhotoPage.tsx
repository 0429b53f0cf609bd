import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { length, useUnits } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Loaded } from '../../ui/Loaded'
import { useNarrow } from '../../ui/useNarrow'
import { useToast } from '../../ui/toastContext'
import { MarkedPicture } from './MarkedPicture'
import { complete, fromAnswer, guessRings, NOTHING, POINTS, type Marks, type PointKey, type RingKey, type Spot } from './marks'
import { Scroller } from '../../ui/Scroller'

export function PhotoPage() {
  const id = Number(useParams().photo)
  const start = useQuery({
    queryKey: ['photo', id],
    queryFn: () => answered(api.GET('/api/photos/{id}', { params: { path: { id } } })),
    staleTime: Infinity,
  })
  return (
    <Loaded query={start} what="The photo">
      {(s) => <Measuring key={id} start={s} />}
    </Loaded>
  )
}

/** How wide the picture is shown, at a desk and on a tablet. */
const SHOWN_WIDTH = { wide: 846, narrow: 610 }
/** A drag asks once it rests, not at every pixel. */
const REST_MS = 250

function useRested<T>(value: T): T {
  const [rested, setRested] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), REST_MS)
    return () => clearTimeout(timer)
  }, [value])
  return rested
}

function Measuring({ start }: { start: Schemas['Start'] }) {
  const { photo, job } = start
  const units = useUnits()
  const narrow = useNarrow()
  const toast = useToast()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const [marks, setMarks] = useState<Marks>(() => (start.marks ? fromAnswer(start.marks) : NOTHING))
  const [held, setHeld] = useState<string>()
  const [chosen, setChosen] = useState<string[]>([])
  const next = POINTS.find(([key]) => !marks.points[key])
  const rested = useRested(marks)
  const whole = complete(rested)
  const path = { params: { path: { id: photo.id } } }
  const plan = useQuery({
    queryKey: ['photo-plan', photo.id, whole],
    queryFn: () => answered(api.POST('/api/photos/{id}/measure', { ...path, body: { marks: whole!, apply: false, chosen: [] } })),
    enabled: whole !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 10_000,
  })
  const enter = useCommand(() => answered(api.POST('/api/photos/{id}/measure', { ...path, body: { marks: whole!, apply: true, chosen } })))
  const set = (at: Spot) => {
    if (!next) return
    const points = { ...marks.points, [next[0]]: at }
    const ready = POINTS.every(([key]) => points[key])
    setMarks({ points, rings: ready && marks.rings.rearRim.length === 0 ? guessRings({ ...marks, points }) : marks.rings })
    setHeld(next[0])
  }
  const move = (key: string, to: Spot) => {
    const [name, index] = key.split('.')
    if (index === undefined) setMarks((m) => ({ ...m, points: { ...m.points, [name as PointKey]: to } }))
    else
      setMarks((m) => ({
        ...m,
        rings: { ...m.rings, [name as RingKey]: m.rings[name as RingKey].map((s, i) => (i === Number(index) ? to : s)) },
      }))
  }
  const computing = whole !== undefined && (plan.isFetching || rested !== marks)
  const lines = plan.data?.lines ?? []
  const count = lines.filter((l) => l.enters || chosen.includes(l.measure)).length
  const ringed = marks.rings.rearRim.length > 0
  return (
    <div className="grid grid-cols-[auto_minmax(330px,1fr)] gap-5 px-6 pt-3 pb-4">
      <div>
        <div className="mb-2 flex items-baseline gap-3">
          <h1 className="text-[22px]">
            <span className="figure mr-2">{job.number}</span>Measure {job.bike} from its photo
          </h1>
        </div>
        <MarkedPicture
          src={`/api/photos/${photo.id}/picture`}
          width={photo.width}
          height={photo.height}
          shown={narrow ? SHOWN_WIDTH.narrow : SHOWN_WIDTH.wide}
          marks={marks}
          next={next?.[0]}
          held={held}
          onHold={setHeld}
          onMove={move}
          onSet={set}
        />
      </div>
      <div className="flex max-h-[calc(100vh-75px)] flex-col">
        {next ? (
          <div className="bg-paint-pale px-4 py-3" role="status">
            <p className="text-[19px] font-bold">Click: {next[1]}</p>
            <p className="text-[14px]">{next[2]}</p>
          </div>
        ) : (
          <div className="bg-paper px-4 py-2.5" role="status">
            <p className="text-[15px] font-semibold">Drag each ring to its rim’s edge, where it meets the tyre.</p>
            <p className="text-[13px] text-soft">Arrow keys move the mark in hand by one pixel, with Shift by ten.</p>
          </div>
        )}
        <ol className="mt-2 grid grid-cols-2 gap-x-4 text-[13px]">
          {POINTS.map(([key, label]) => (
            <li key={key} className={cx('flex gap-2', held === key && 'font-bold')}>
              <span className="figure w-3">{marks.points[key] ? '✓' : next?.[0] === key ? '→' : ''}</span>
              {label}
            </li>
          ))}
        </ol>
        <p className="mt-2 text-[13px] text-soft">
          Known:{' '}
          {start.known
            .filter((k) => k.given)
            .map((k) => `${k.title.toLowerCase()} ${k.text}`)
            .join(', ') || 'nothing yet: measure a bead seat or the wheelbase first'}
          .
        </p>
        {plan.isError && (
          <p role="alert" className="mt-2 border-l-[5px] border-vermilion bg-paper px-3 py-2 text-[13.5px]">
            {plan.error.message}
          </p>
        )}
        {plan.data && !plan.isError && (
          <>
            <p className="mt-2 text-[13px]">
              Camera off the axis by about <b className="figure">{plan.data.tiltDegrees.toFixed(0)}°</b>, taken out. Rings lie{' '}
              <b className="figure">{plan.data.offPixels.toFixed(1)} px</b> off true circles.
            </p>
            {plan.data.doubts.map((d) => (
              <p key={d} className="mt-1 border-l-[5px] border-paint bg-paper px-3 py-1 text-[13px]">
                {d}
              </p>
            ))}
            <Scroller
              className={cx('mt-2 min-h-0 flex-1 overflow-y-auto bg-paper', computing && 'opacity-50')}
              data-values={computing ? 'computing' : 'ready'}
            >
              <table className="w-full text-[13px]">
                <tbody>
                  {lines.map((l) => (
                    <tr
                      key={l.measure}
                      data-value={l.measure}
                      data-outcome={l.outcome}
                      className="border-b border-line align-baseline last:border-0"
                    >
                      <td className="py-1 pl-3">
                        {l.title}
                        {l.inForce && <span className="block text-[12px] text-soft">now {l.inForce}</span>}
                      </td>
                      <td className="figure py-1 pr-3 text-right whitespace-nowrap">
                        <b>{length(l.value, units)}</b> <span className="text-soft">± {length(l.plusMinus, units)}</span>
                        {l.outcome === 'KEPT_BACK' && (
                          <label className="block text-[12px] text-petrol">
                            <input
                              type="checkbox"
                              className="mr-1.5 size-3.5 accent-petrol"
                              checked={chosen.includes(l.measure)}
                              onChange={() =>
                                setChosen(chosen.includes(l.measure) ? chosen.filter((c) => c !== l.measure) : [...chosen, l.measure])
                              }
                            />
                            take the photo’s instead
                          </label>
                        )}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </Scroller>
          </>
        )}
        <div className="mt-3 flex flex-wrap gap-2">
          <Button
            disabled={!whole || computing || plan.isError || count === 0 || enter.isPending}
            onClick={() =>
              enter.mutate(undefined, {
                onSuccess: (done) => {
                  void queries.invalidateQueries({ queryKey: ['sheet', job.number] })
                  void queries.invalidateQueries({ queryKey: ['photo', photo.id] })
                  toast.done(`${done.entered} values entered from the photo.`)
                  void navigate(`/jobs/${job.number}/sheet`)
                },
              })
            }
          >
            {computing ? 'Computing …' : count === 0 ? 'Enter the values' : `Enter ${count} values`}
          </Button>
          {whole && (
            <Button look="quiet" onClick={() => setMarks({ ...marks, rings: ringed ? NOTHING.rings : guessRings(marks) })}>
              {ringed ? 'Without rings' : 'Ring the rims'}
            </Button>
          )}
          <Button look="quiet" onClick={() => setMarks(NOTHING)}>
            Start over
          </Button>
          <Link to={`/jobs/${job.number}/sheet`} className="inline-flex min-h-10 items-center px-2 font-semibold text-petrol underline">
            Bike sheet
          </Link>
        </div>
      </div>
    </div>
  )
}
