import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answered, api, faultOf } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Bike } from '../../drawing/Bike'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { BikeFields } from '../booking/BikeFields'
import type { Form } from '../booking/draft'
import { useBookingForm } from '../booking/useBooking'
import { useMay } from '../session/useSession'
import { ChangeForm } from './ChangeForm'
import { JobLines } from './JobLines'
import { useBike, type BikeView } from './useCustomer'

/** One bike: what it is, whose, and everything it was here for with measures, kits and papers. */
export function BikePage() {
  const query = useBike(Number(useParams().bike))
  const form = useBookingForm()
  return (
    <Loaded query={form} what="The kinds of bike">
      {(choices) => (
        <Loaded query={query} what="This bike">
          {(b) => <OneBike bike={b} choices={choices} />}
        </Loaded>
      )}
    </Loaded>
  )
}

function OneBike({ bike, choices }: { bike: BikeView; choices: Form }) {
  const may = useMay()
  const [changing, setChanging] = useState(false)
  const { details } = bike
  const drawing = choices.kinds.find((k) => k.kind === details.kind)?.drawing
  return (
    <div className="mx-auto w-full max-w-[1060px] px-6 py-4">
      {changing ? (
        <Change bike={bike} choices={choices} onDone={() => setChanging(false)} />
      ) : (
        <div className="flex items-end gap-6">
          {drawing && <Bike drawing={drawing} paint={details.paint} scale={0.12} maxWidth={230} fine={false} label={bike.kindLabel} />}
          <div className="min-w-0 flex-1">
            <h1 className="truncate text-[28px]">
              {details.model} {details.size}
            </h1>
            <p className="text-[16px]">
              {bike.kindLabel} · frame {details.frameNumber || 'without number'}
            </p>
            <p className="text-[16px]">
              belongs to{' '}
              {may('SEE_CUSTOMERS') ? (
                <Link to={`/customers/${bike.customerId}`} className="font-semibold underline underline-offset-2">
                  {bike.customer.name}
                </Link>
              ) : (
                <b>{bike.customer.name}</b>
              )}
            </p>
          </div>
          {may('SEE_CUSTOMERS') && (
            <Button look="quiet" onClick={() => setChanging(true)}>
              Change what it is
            </Button>
          )}
        </div>
      )}
      <section aria-label="Its jobs" className="mt-5 bg-paper px-5 py-4">
        <h2 className="text-[17px]">Here for</h2>
        <JobLines jobs={bike.jobs} none="Nothing yet." />
      </section>
      {bike.jobs.length > 0 && (
        <p className="mt-3 max-w-[70ch] text-[14px] text-soft">
          What was measured stays with the bike: every job’s sheet shows the readings of all its visits.
        </p>
      )}
    </div>
  )
}

function Change({ bike, choices, onDone }: { bike: BikeView; choices: Form; onDone: () => void }) {
  const toast = useToast()
  const [details, setDetails] = useState(bike.details)
  // What is typed stays, whatever is heard meanwhile; it builds on what stood there when it was begun.
  const [seen] = useState(bike.version)
  const change = useCommand(
    () => answered(api.PUT('/api/bikes/{id}', { params: { path: { id: bike.id } }, body: { version: seen, bike: details } })),
    { answers: () => ['bike', bike.id], quiet: true },
  )
  const fault = (field: string) => faultOf(change.error, field)
  return (
    <ChangeForm
      error={change.error}
      pending={change.isPending}
      onLeave={onDone}
      onSave={() =>
        change.mutate(undefined, {
          onSuccess: () => {
            toast.done(`${details.model} is changed.`)
            onDone()
          },
        })
      }
    >
      <h1 className="text-[22px]">Change {bike.details.model}</h1>
      {bike.billed !== undefined && (
        <p className="mt-1 text-soft">Job {bike.billed} has a bill: its kind stays as it is until the bill is taken back.</p>
      )}
      <BikeFields choices={choices} bike={details} known={false} fault={fault} onChange={setDetails} />
    </ChangeForm>
  )
}
