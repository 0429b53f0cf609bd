import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useNavigate } from 'react-router'
import { answered, api, faultOf } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { today } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { BikeFields } from './BikeFields'
import { CustomerField } from './CustomerField'
import { emptyDraft, type Draft, type Form } from './draft'
import { useAlike, useBookingForm, useDays, type KnownBike, type KnownCustomer } from './useBooking'
import { WantedSheet } from './WantedSheet'
import { WhenAndSend } from './WhenAndSend'

export function BookPage() {
  return (
    <Loaded query={useBookingForm()} what="The booking form">
      {(form) => <BookForm choices={form} />}
    </Loaded>
  )
}

function BookForm({ choices }: { choices: Form }) {
  const navigate = useNavigate()
  const toast = useToast()
  const [draft, setDraft] = useState<Draft>(() => emptyDraft(choices))
  const set = (change: Partial<Draft>) => setDraft((before) => ({ ...before, ...change }))
  const [known, setKnown] = useState<KnownCustomer>()
  const [somebodyElse, setSomebodyElse] = useState(false)
  const [again, setAgain] = useState<KnownBike>()
  // One key for one booking, however often it is sent.
  const [key] = useState(() => crypto.randomUUID())
  const days = useDays(draft.jobKind)
  const arrivesOn = draft.arrivesOn || (days.data ? (days.data.find((d) => d.outlook === 'GOOD')?.date ?? today()) : '')
  const alike = useAlike(draft.customer.name, draft.customer.contact, !known && !somebodyElse).data?.[0]
  const book = useCommand(
    () =>
      answered(
        api.POST('/api/jobs', {
          body: { ...draft, arrivesOn, customerId: known?.customerId, newCustomer: somebodyElse, bikeId: again?.bikeId },
          headers: { 'Idempotency-Key': key },
        }),
      ),
    { quiet: true },
  )
  const fault = (field: string) => faultOf(book.error, field)
  useHotkeys('esc', () => void navigate('/'), { enableOnFormTags: true })
  const choose = (c: KnownCustomer) => {
    setKnown(c)
    setAgain(undefined)
    set({ customer: { name: c.name, contact: c.contact } })
  }
  const bring = (b: KnownBike | undefined) => {
    setAgain(b)
    set({
      bike: b
        ? { kind: b.kind, model: b.bike, size: b.size, frameNumber: b.frameNumber, paint: b.paint }
        : { ...draft.bike, model: '', size: '', frameNumber: '' },
    })
  }
  return (
    <form
      className="mx-auto w-full max-w-[1330px] px-6 pt-3 pb-4"
      noValidate
      onSubmit={(e) => {
        e.preventDefault()
        book.mutate(undefined, {
          onSuccess: (job) => {
            toast.done(`Booked in as job ${job.number}.`, {
              label: 'Print its tag',
              run: () => window.open(`/api/jobs/${job.number}/tag.pdf`, '_blank'),
            })
            void navigate('/')
          },
        })
      }}
    >
      <h1 className="sr-only">Book a bike in</h1>
      <div className="grid grid-cols-[minmax(0,1fr)_400px] gap-6">
        <div>
          <div className="grid grid-cols-2 gap-4">
            <CustomerField
              value={draft.customer.name}
              known={known}
              fault={fault('customer.name')}
              onType={(text) => {
                set({ customer: { ...draft.customer, name: text } })
                setKnown(undefined)
                setAgain(undefined)
              }}
              onChoose={choose}
            />
            <Field
              label="Phone or mail"
              value={draft.customer.contact}
              onChange={(e) => set({ customer: { ...draft.customer, contact: e.target.value } })}
              fault={fault('customer.contact')}
            />
          </div>
          {known ? (
            <TheirBikes known={known} again={again} onBring={bring} />
          ) : alike && draft.customer.name.trim() !== '' ? (
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
          <BikeFields choices={choices} bike={draft.bike} known={again !== undefined} fault={fault} onChange={(bike) => set({ bike })} />
        </div>
        <WantedSheet choices={choices} draft={draft} fault={fault} onChange={set} />
      </div>
      <WhenAndSend
        days={days}
        arrivesOn={arrivesOn}
        fault={fault('arrivesOn')}
        error={book.error}
        pending={book.isPending}
        act="Book it in"
        onDay={(date) => set({ arrivesOn: date })}
        onLeave={() => void navigate('/')}
      />
    </form>
  )
}

function TheirBikes({
  known,
  again,
  onBring,
}: {
  known: KnownCustomer
  again: KnownBike | undefined
  onBring: (bike: KnownBike | undefined) => void
}) {
  return (
    <div className="mt-2 flex flex-wrap items-center gap-2 text-[13px]" role="group" aria-label="Their bikes">
      <span className="text-soft">{known.bikes.length === 0 ? 'Known, without a bike yet.' : 'Known. Brings'}</span>
      {known.bikes.map((b) => {
        const on = again?.bikeId === b.bikeId
        return (
          <button
            key={b.bikeId}
            type="button"
            aria-pressed={on}
            disabled={b.openJob !== undefined}
            onClick={() => onBring(on ? undefined : b)}
            className={cx(
              'flex min-h-8 items-center gap-2 border-2 px-2 disabled:text-soft',
              on ? 'border-paint bg-paint-pale font-semibold' : 'border-line bg-paper',
            )}
          >
            <span className="size-3" style={{ background: b.paint }} /> {b.bike} {b.size}{' '}
            {b.openJob ? <span>is here, job {b.openJob}</span> : <span className="text-soft">again</span>}
          </button>
        )
      })}
      {known.bikes.length > 0 && <span className="text-soft">or another bike, below.</span>}
    </div>
  )
}
