import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useNavigate } from 'react-router'
import { JobHead } from '../../app/JobHead'
import { answered, api, faultOf, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useJobNumber, useSheet } from '../survey/useSheet'
import { BikeFields } from './BikeFields'
import { CustomerFields } from './CustomerFields'
import type { Draft, Form } from './draft'
import { useBookingForm, useDays } from './useBooking'
import { WantedSheet } from './WantedSheet'
import { WhenAndSend } from './WhenAndSend'

/** A booking changed later: the customer calls again. */
export function ChangePage() {
  const job = useJobNumber()
  const form = useBookingForm()
  const booking = useQuery({
    queryKey: ['booking', job],
    queryFn: () => answered(api.GET('/api/jobs/{number}/booking', { params: { path: { number: job } } })),
    gcTime: 0,
  })
  const sheet = useSheet(job)
  return (
    <Loaded query={form} what="The booking form">
      {(choices) => (
        <Loaded query={booking} what={`The booking of job ${job}`}>
          {(now) => (
            <Loaded query={sheet} what={`Job ${job}`}>
              {(s) => <ChangeForm card={s.job} choices={choices} now={now} />}
            </Loaded>
          )}
        </Loaded>
      )}
    </Loaded>
  )
}

/** What is typed stays, whatever is heard of the job meanwhile; it builds on what stood there when it was begun. */
function ChangeForm({ card, choices, now }: { card: Schemas['JobCard']; choices: Form; now: Schemas['BookingChange'] }) {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const toast = useToast()
  const [draft, setDraft] = useState<Draft>(now)
  const [seen] = useState(now)
  const set = (change: Partial<Draft>) => setDraft((before) => ({ ...before, ...change }))
  const days = useDays(draft.jobKind)
  const change = useCommand(
    () =>
      answered(
        api.PUT('/api/jobs/{number}/booking', {
          params: { path: { number: card.number } },
          body: { ...draft, version: seen.version, customerVersion: seen.customerVersion, bikeVersion: seen.bikeVersion },
        }),
      ),
    { quiet: true },
  )
  const fault = (field: string) => faultOf(change.error, field)
  const back = () => void navigate(`/jobs/${card.number}/sheet`)
  useHotkeys('esc', back, { enableOnFormTags: true })
  return (
    <>
      <JobHead job={card}>
        <p className="pb-2 text-[18px] font-bold">Change the booking</p>
      </JobHead>
      <form
        className="mx-auto w-full max-w-[1330px] px-6 pt-3 pb-4"
        noValidate
        onSubmit={(e) => {
          e.preventDefault()
          change.mutate(undefined, {
            onSuccess: () => {
              void queries.invalidateQueries()
              toast.done(`Job ${card.number} is changed.`)
              back()
            },
          })
        }}
      >
        <div className="grid grid-cols-[minmax(0,1fr)_400px] gap-6">
          <div>
            <CustomerFields customer={draft.customer} fault={fault} onChange={(customer) => set({ customer })} />
            <BikeFields choices={choices} bike={draft.bike} known={false} fault={fault} onChange={(bike) => set({ bike })} />
          </div>
          <WantedSheet choices={choices} draft={draft} fault={fault} onChange={set} />
        </div>
        <WhenAndSend
          days={card.place === 'GATE' ? days : undefined}
          arrivesOn={draft.arrivesOn}
          fault={fault('arrivesOn')}
          error={change.error}
          pending={change.isPending}
          act="Change it"
          onDay={(date) => set({ arrivesOn: date })}
          onLeave={back}
        />
      </form>
    </>
  )
}
