import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useNavigate } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Bike } from '../../drawing/Bike'
import { useUnits } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { CustomerField } from './CustomerField'
import { DayStrip } from './DayStrip'
import { useAlike, useBookingForm, useDays, type JobKind, type KnownBike, type KnownCustomer } from './useBooking'

const PAINTS = ['#2b5d8a', '#2f6f5b', '#b5472f', '#8a5a2b', '#5a4a8f', '#6b7a2e', '#7a3f5f', '#3b7f86', '#5a646b', '#1f2b27']
const STANDS = 6

type Form = Schemas['BookingForm']
type Amount = Schemas['AmountChoice']['amount']
type Wish = Schemas['WishChoice']['wish']

export function BookPage() {
  return (
    <Loaded query={useBookingForm()} what="The booking form">
      {(form) => <BookForm choices={form} />}
    </Loaded>
  )
}

/** The day as this place counts it. */
function today(): string {
  const d = new Date()
  return `${d.getFullYear()}-${String(d.getMonth() + 1).padStart(2, '0')}-${String(d.getDate()).padStart(2, '0')}`
}

function BookForm({ choices }: { choices: Form }) {
  const navigate = useNavigate()
  const toast = useToast()
  const units = useUnits()
  const [customer, setCustomer] = useState('')
  const [contact, setContact] = useState('')
  const [known, setKnown] = useState<KnownCustomer>()
  const [somebodyElse, setSomebodyElse] = useState(false)
  const [again, setAgain] = useState<KnownBike>()
  const [bike, setBike] = useState({ kind: choices.kinds[0]!.kind, bike: '', size: '', frameNumber: '', paint: PAINTS[0]! })
  const [jobKind, setJobKind] = useState<JobKind>('DRIVE_KIT')
  const [wish, setWish] = useState('')
  const [need, setNeed] = useState<Partial<Record<Amount, string>>>({})
  const [wishes, setWishes] = useState<Wish[]>([])
  const [legalClass, setLegalClass] = useState<Schemas['ClassChoice']['legalClass']>('OPEN')
  const [date, setDate] = useState<string>()
  // One key for one booking, however often it is sent.
  const [key] = useState(() => crypto.randomUUID())
  const days = useDays(jobKind).data ?? []
  const arrivesOn = date ?? days.find((d) => d.outlook === 'GOOD')?.date ?? today()
  const alike = useAlike(customer, contact, !known && !somebodyElse).data?.[0]
  const book = useCommand(
    () =>
      answered(
        api.POST('/api/jobs', {
          body: { customerId: known?.customerId, customer, contact, newCustomer: somebodyElse, bikeId: again?.bikeId, ...bike, jobKind, wish, need: need as Record<string, string>, wishes, legalClass, arrivesOn },
          headers: { 'Idempotency-Key': key },
        }),
      ),
    { quiet: true },
  )
  const fault = (field: string) => {
    const f = book.error?.status === 422 ? book.error.faults.find((one) => one.field === field) : undefined
    return f && `${f.given === '' || f.given === 'null' ? 'Missing' : `'${f.given}' is not possible`}: ${f.allowed}.`
  }
  useHotkeys('esc', () => void navigate('/'), { enableOnFormTags: true })
  const choose = (c: KnownCustomer) => {
    setKnown(c)
    setCustomer(c.name)
    setContact(c.contact)
    setAgain(undefined)
  }
  const bring = (b: KnownBike | undefined) => {
    setAgain(b)
    setBike(b ? { kind: b.kind, bike: b.bike, size: b.size, frameNumber: b.frameNumber, paint: b.paint } : { ...bike, bike: '', size: '', frameNumber: '' })
  }
  const send = () =>
    book.mutate(undefined, {
      onSuccess: (job) => {
        toast.done(`Booked in as job ${job.number}.`, { label: 'Print its tag', run: () => window.open(`/api/jobs/${job.number}/tag.pdf`, '_blank') })
        void navigate('/')
      },
    })
  const outlook = days.find((d) => d.date === arrivesOn)
  return (
    <form
      className="mx-auto w-full max-w-[1330px] px-6 pt-3 pb-4"
      noValidate
      onSubmit={(e) => {
        e.preventDefault()
        send()
      }}
    >
      <h1 className="sr-only">Book a bike in</h1>
      <div className="grid grid-cols-[minmax(0,1fr)_400px] gap-6">
        <div>
          <div className="grid grid-cols-2 gap-4">
            <CustomerField
              value={customer}
              known={known}
              fault={fault('customer')}
              onType={(text) => {
                setCustomer(text)
                setKnown(undefined)
                setAgain(undefined)
              }}
              onChoose={choose}
            />
            <Field label="Phone or mail" value={contact} onChange={(e) => setContact(e.target.value)} fault={fault('contact')} />
          </div>
          {known ? (
            <div className="mt-2 flex flex-wrap items-center gap-2 text-[13px]" aria-label="Their bikes">
              <span className="text-soft">Known. Brings</span>
              {known.bikes.map((b) => (
                <button
                  key={b.bikeId}
                  type="button"
                  aria-pressed={again?.bikeId === b.bikeId}
                  disabled={b.openJob !== undefined}
                  onClick={() => bring(again?.bikeId === b.bikeId ? undefined : b)}
                  className={cx('flex min-h-8 items-center gap-2 border-2 px-2 disabled:opacity-60', again?.bikeId === b.bikeId ? 'border-paint bg-paint-pale font-semibold' : 'border-line bg-paper')}
                >
                  <span className="size-3" style={{ background: b.paint }} /> {b.bike} {b.size} {b.openJob ? <span className="text-soft">is here, job {b.openJob}</span> : <span className="text-soft">again</span>}
                </button>
              ))}
              <span className="text-soft">or another bike, below.</span>
            </div>
          ) : alike && customer.trim() !== '' ? (
            <p className="mt-2 flex items-center gap-3 border-l-[5px] border-petrol bg-paper px-3 py-1 text-[13.5px]" role="status">
              <span>
                Is it <b>{alike.name}</b>, {alike.contact}? {alike.why.charAt(0).toUpperCase() + alike.why.slice(1)}.
              </span>
              <button type="button" className="min-h-8 font-semibold text-petrol underline" onClick={() => choose(alike)}>
                That one
              </button>
              <button type="button" className="min-h-8 font-semibold text-petrol underline" onClick={() => setSomebodyElse(true)}>
                Somebody else
              </button>
            </p>
          ) : null}
          <fieldset className="mt-3" disabled={again !== undefined}>
            <legend className="label text-[14px]">What kind of bike is it?</legend>
            <div className="mt-1 grid grid-cols-6 gap-1.5">
              {choices.kinds.map((k) => (
                <label key={k.kind} className={cx('flex h-[116px] cursor-pointer flex-col items-center justify-end gap-0.5 border-2 px-1 pb-1 has-disabled:cursor-default has-focus-visible:outline-3 has-focus-visible:outline-ink', bike.kind === k.kind ? 'border-paint bg-paint-pale' : 'border-line bg-paper has-disabled:opacity-50')}>
                  <input type="radio" name="kind" value={k.kind} checked={bike.kind === k.kind} onChange={() => setBike({ ...bike, kind: k.kind })} className="sr-only" />
                  <Bike drawing={k.drawing} paint={bike.paint} scale={0.066} maxWidth={118} maxHeight={82} fine={false} label={k.label} />
                  <span className="text-center text-[12px] leading-[1.1] font-semibold">{k.label}</span>
                </label>
              ))}
            </div>
          </fieldset>
          <div className="mt-3 grid grid-cols-[1fr_92px_170px_auto] items-end gap-3">
            <Field label="Maker and model" value={bike.bike} disabled={again !== undefined} onChange={(e) => setBike({ ...bike, bike: e.target.value })} fault={fault('bike')} />
            <Field label="Size" value={bike.size} onChange={(e) => setBike({ ...bike, size: e.target.value })} fault={fault('size')} />
            <Field label="Frame number" value={bike.frameNumber} onChange={(e) => setBike({ ...bike, frameNumber: e.target.value })} fault={fault('frameNumber')} />
            <div>
              <span className="label block text-[14px]">Colour</span>
              <div className="mt-0.5 grid grid-cols-5 gap-1" role="radiogroup" aria-label="Colour of the frame">
                {PAINTS.map((p) => (
                  <button key={p} type="button" role="radio" aria-checked={bike.paint === p} aria-label={`colour ${p}`} onClick={() => setBike({ ...bike, paint: p })} className={cx('h-[18px] w-[26px]', bike.paint === p && 'outline-[3px] outline-offset-1 outline-paint')} style={{ background: p }} />
                ))}
              </div>
            </div>
          </div>
        </div>
        <div className="sheet flex flex-col gap-2.5 px-5 pt-4 pb-4">
          <div>
            <label className="label block text-[14px]" htmlFor="job-kind">
              What is to be done
            </label>
            <select id="job-kind" value={jobKind} onChange={(e) => setJobKind(e.target.value as JobKind)} className="mt-0.5 h-10 w-full border border-soft/60 bg-paper px-2 text-[15px]">
              {choices.jobs.map((j) => (
                <option key={j.kind} value={j.kind}>
                  {j.label}
                </option>
              ))}
            </select>
          </div>
          <Field label="In the rider’s words" value={wish} onChange={(e) => setWish(e.target.value)} fault={fault('wish')} />
          <div className="grid grid-cols-3 gap-x-3 gap-y-2">
            {choices.amounts.map((a) => {
              const example = a.usual[1] ?? a.usual[0]
              return (
                <Field
                  key={a.amount}
                  label={a.title}
                  placeholder={example && (units === 'imperial' ? example.imperial : example.metric)}
                  title={`Possible: ${a.possible}`}
                  value={need[a.amount] ?? ''}
                  onChange={(e) => setNeed({ ...need, [a.amount]: e.target.value })}
                  // A number alone is read in the units this person has chosen.
                  onBlur={(e) => /^\d+([.,]\d+)?$/.test(e.target.value.trim()) && units === 'imperial' && example && setNeed({ ...need, [a.amount]: `${e.target.value.trim()} ${example.imperial.replace(/^[\d.]+\s*/, '')}`.trim() })}
                  fault={fault(`need.${a.amount}`)}
                />
              )
            })}
          </div>
          <div className="grid grid-cols-2 gap-1.5 text-[13px]">
            {choices.wishes.map((w) => (
              <label key={w.wish} className="flex min-h-8 cursor-pointer items-center gap-2">
                <input type="checkbox" className="size-4 accent-petrol" checked={wishes.includes(w.wish)} onChange={() => setWishes(wishes.includes(w.wish) ? wishes.filter((o) => o !== w.wish) : [...wishes, w.wish])} />
                {w.label}
              </label>
            ))}
          </div>
          <div>
            <label className="label block text-[14px]" htmlFor="legal-class">
              Legal class
            </label>
            <select id="legal-class" value={legalClass} onChange={(e) => setLegalClass(e.target.value as typeof legalClass)} className="mt-0.5 h-9 w-full border border-soft/60 bg-paper px-2 text-[14px]">
              {choices.classes.map((c) => (
                <option key={c.legalClass} value={c.legalClass}>
                  {c.label}
                </option>
              ))}
            </select>
            <p className="mt-0.5 text-[12px] text-[#5f5535]">{choices.reminder}</p>
          </div>
        </div>
      </div>
      <div className="mt-3 grid grid-cols-[minmax(0,1fr)_400px] items-end gap-6">
        <div>
          <p className="mb-1 flex items-baseline gap-3">
            <span className="label text-[14px]">Arrives on</span>
            <span className={cx('text-[13.5px]', outlook?.outlook === 'FULL' ? 'font-semibold text-vermilion' : 'text-soft')} role="status">
              {outlook ? `${new Date(`${arrivesOn}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}. ${outlook.sentence} Off the stand about ${new Date(`${outlook.readyOn}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })}.` : 'Fetching the stands …'}
            </span>
          </p>
          <DayStrip days={days} stands={STANDS} chosen={arrivesOn} onChoose={setDate} />
          {fault('arrivesOn') && (
            <p role="alert" className="mt-1 text-[13px] font-semibold text-vermilion">
              {fault('arrivesOn')}
            </p>
          )}
        </div>
        <div>
          {book.error && (
            <p role="alert" className="mb-2 border-l-[5px] border-vermilion bg-paper px-3 py-2 text-[13.5px]">
              {book.error.status === 422 ? 'Not booked yet; nothing was saved. See the marked fields.' : book.error.message}
            </p>
          )}
          <div className="flex gap-3">
            <Button type="submit" disabled={book.isPending} hotkey="↵" className="flex-1">
              Book it in
            </Button>
            <Button look="quiet" hotkey="Esc" onClick={() => void navigate('/')}>
              Leave it
            </Button>
          </div>
        </div>
      </div>
    </form>
  )
}
