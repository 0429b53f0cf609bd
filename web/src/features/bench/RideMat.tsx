import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api, type ProblemError, type Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'
import { KeptBefore } from './Answered'
import { MatField } from './Typed'
import { useMat, useOnJob } from './useBench'

/** A recorded ride: speed and height over the way, and what a kilometre took of the battery. */
export function RideMat() {
  const { job } = useOnJob()
  const mat = useMat('ride', { series: '', ampHours: '', before: '', after: '', shown: '' })
  const [file, setFile] = useState<File>()
  const may = useMay()
  const toast = useToast()
  const queries = useQueryClient()
  const [series, ampHours, before, after, shown] = ['series', 'ampHours', 'before', 'after', 'shown'].map(mat.optional)
  const whole = [series, ampHours, before, after, shown].every((n) => n !== undefined)
  // What the kit's sheet says of the battery is only asked for where somebody read its volts.
  const battery = before === null && after === null ? {} : { series, ampHours, before, after }
  const query = Object.fromEntries(
    Object.entries({ ...battery, shown }).filter((entry): entry is [string, number] => entry[1] !== null && entry[1] !== undefined),
  )
  const form = (given: File) => ({
    // The file stands in the form, whatever the description calls it.
    body: { file: given.name },
    bodySerializer: () => {
      const data = new FormData()
      data.append('file', given)
      return data
    },
  })
  const ride = useMutation<Schemas['RideView'], ProblemError, File>({
    mutationFn: (given) => answered(api.POST('/api/bench/ride', { params: { query }, ...form(given) })),
  })
  const keep = useMutation<Schemas['RideView'], ProblemError, { file: File; job: number }>({
    mutationFn: (given) =>
      answered(api.POST('/api/jobs/{number}/bench/ride', { params: { path: { number: given.job }, query }, ...form(given.file) })),
    onSuccess: (_, given) => {
      toast.done(`Kept on job ${given.job}.`)
      void queries.invalidateQueries({ queryKey: ['bench-of', given.job] })
    },
    onError: (error) => toast.refused(error.message),
  })
  const answer = ride.data
  return (
    <>
      <h2 className="text-[22px]">A ride, read back</h2>
      <p className="mt-0.5 max-w-[86ch] text-[14.5px] text-soft">
        The track of a receiver or a phone as GPX. With the battery’s volts at rest before and after it says what a kilometre took; with the
        display’s kilometres, by how much it is off. The file itself is not kept.
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
        <label className="block">
          <span className="label text-[14px]">Ride, GPX</span>
          <input
            type="file"
            accept=".gpx,application/gpx+xml"
            className="mt-0.5 block h-10 w-[310px] border border-soft/60 bg-paper px-2 py-1.5 text-[14px]"
            onChange={(e) => {
              const chosen = e.target.files?.[0]
              setFile(chosen)
              if (chosen && whole) ride.mutate(chosen)
            }}
          />
        </label>
        <MatField mat={mat} field="series" label="Cells in series" unit="cells" error={ride.error} optional />
        <MatField mat={mat} field="ampHours" label="Capacity" unit="A·h" error={ride.error} optional />
        <MatField mat={mat} field="before" label="At rest, before" unit="V" error={ride.error} optional />
        <MatField mat={mat} field="after" label="At rest, after" unit="V" error={ride.error} optional />
        <MatField mat={mat} field="shown" label="Display counted" unit="km" error={ride.error} optional />
        <Button disabled={!file || !whole || ride.isPending} onClick={() => file && ride.mutate(file)}>
          Read it
        </Button>
      </div>
      {ride.error && (
        <div role="alert" className="mt-3 max-w-[760px] border-l-[6px] border-vermilion bg-paper px-5 py-3 text-[15px] whitespace-pre-line">
          {ride.error.message}
        </div>
      )}
      {answer && <Profile ride={answer} />}
      {answer && (
        <div aria-live="polite" className="sheet mt-3 max-w-[760px] px-6 py-4">
          <p className="text-[18px] leading-snug font-semibold">{answer.sentence}</p>
          <p className="mt-1 text-[15px]">
            While moving <b className="figure">{answer.mean.toFixed(1)} km/h</b>, at most{' '}
            <b className="figure">{answer.most.toFixed(1)} km/h</b> over ten seconds;{' '}
            <span className="figure">{answer.minutes - answer.movingMinutes} min</span> stood.
            {answer.speedError !== undefined &&
              ` The display counts ${Math.abs(answer.speedError).toFixed(1)} % ${answer.speedError > 0 ? 'more' : 'less'} than was ridden.`}
            {answer.slips > 0 && ` ${answer.slips} points jumped and are left out.`}
          </p>
          <p className="mt-2 text-[13px] text-soft">
            Ways along the sphere; a climb counts from 3 m; what was drawn is the rest voltage over the charge between both readings. Let
            the battery rest for an hour before each.
          </p>
          {job !== undefined && file && may('DO_STEPS') && (
            <Button className="mt-3" disabled={keep.isPending} onClick={() => keep.mutate({ file, job })}>
              Keep it on job {job}
            </Button>
          )}
        </div>
      )}
      <KeptBefore tool="ride" />
    </>
  )
}

const X0 = 50
const X1 = 746

/** Height as ground, speed as a line over it, along the way. */
function Profile({ ride }: { ride: Schemas['RideView'] }) {
  const s = ride.samples
  const far = s[s.length - 1]!.metres
  const heights = s.map((p) => p.height)
  const [low, high] = [Math.min(...heights), Math.max(...heights, Math.min(...heights) + 10)]
  const fast = Math.max(10, Math.ceil(ride.most / 5) * 5)
  const x = (m: number) => X0 + ((X1 - X0) * m) / far
  const h = (m: number) => 196 - (70 * (m - low)) / (high - low)
  const v = (kmh: number) => 120 - (104 * kmh) / fast
  const path = (y: (p: (typeof s)[number]) => number) =>
    s.map((p, i) => `${i ? 'L' : 'M'}${x(p.metres).toFixed(1)} ${y(p).toFixed(1)}`).join('')
  return (
    <svg viewBox="0 0 760 224" className="mt-3 w-full max-w-[900px]" role="img" aria-label="Speed and height over the way">
      {[0, 0.25, 0.5, 0.75, 1].map((part) => (
        <g key={part}>
          <path d={`M${x(far * part)} 14V206`} stroke="var(--color-line)" />
          <text x={x(far * part)} y="220" textAnchor={part === 1 ? 'end' : 'middle'} fontSize="12.5" fill="var(--color-soft)">
            {((far * part) / 1000).toFixed(1)} km
          </text>
        </g>
      ))}
      <path d={`${path((p) => h(p.height))}L${X1} 206L${X0} 206Z`} fill="var(--color-line)" stroke="var(--color-soft)" />
      <path d={path((p) => v(p.kmh))} fill="none" stroke="var(--color-petrol)" strokeWidth="1.8" />
      <g fontSize="12.5" fill="var(--color-ink)" textAnchor="end">
        <text x={X0 - 5} y="22">
          {fast} km/h
        </text>
        <text x={X0 - 5} y="122">
          0
        </text>
        <text x={X0 - 5} y={h(high) + 12}>
          {high.toFixed(0)} m
        </text>
        <text x={X0 - 5} y="204">
          {low.toFixed(0)} m
        </text>
      </g>
    </svg>
  )
}
