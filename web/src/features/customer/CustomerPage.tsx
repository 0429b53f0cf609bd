import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answered, api, faultOf } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Bike } from '../../drawing/Bike'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { CustomerFields } from '../booking/CustomerFields'
import type { Form } from '../booking/draft'
import { useBookingForm } from '../booking/useBooking'
import { OpenJobs } from '../money/MoneyPage'
import { useOpenMoney } from '../money/useMoney'
import { dayOf } from '../../quantity/units'
import { ChangeForm } from './ChangeForm'
import { TheirData } from './Erasure'
import { JobLines } from './JobLines'
import { useCustomer, type CustomerView } from './useCustomer'

/** One customer: how to reach them, their bikes, and what was done on each. */
export function CustomerPage() {
  const query = useCustomer(Number(useParams().customer))
  const form = useBookingForm()
  return (
    <Loaded query={form} what="The kinds of bike">
      {(choices) => (
        <Loaded query={query} what="This customer">
          {(c) => <Customer customer={c} choices={choices} />}
        </Loaded>
      )}
    </Loaded>
  )
}

function Customer({ customer, choices }: { customer: CustomerView; choices: Form }) {
  const [changing, setChanging] = useState(false)
  return (
    <div className="mx-auto w-full max-w-[1060px] px-6 py-4">
      {changing ? (
        <Change customer={customer} onDone={() => setChanging(false)} />
      ) : (
        <div className="flex items-end gap-5">
          <div className="min-w-0 flex-1">
            <h1 className="truncate text-[28px]">{customer.details.name}</h1>
            <p className="text-[16px]">
              {customer.erased
                ? `Erased on request on ${dayOf(customer.erased)}. When they come back, book them in as a new customer.`
                : customer.details.contact}
            </p>
          </div>
          {!customer.erased && (
            <>
              <Button look="quiet" onClick={() => setChanging(true)}>
                Change name or contact
              </Button>
              <Link
                to="/book"
                className="inline-flex min-h-10 items-center bg-petrol px-4 text-[14px] font-semibold text-paper hover:bg-petrol-deep"
              >
                Book a bike in
              </Link>
            </>
          )}
        </div>
      )}
      <OpenAccounts customer={customer.id} />
      {customer.bikes.length === 0 && (
        <p className="mt-5 bg-paper px-5 py-4 text-soft">
          No bike yet. The first one that is booked in for {customer.details.name} stands here.
        </p>
      )}
      {customer.bikes.map((b) => {
        const drawing = choices.kinds.find((k) => k.kind === b.details.kind)?.drawing
        return (
          <section key={b.id} aria-label={b.details.model} className="mt-5 grid grid-cols-[170px_minmax(0,1fr)] gap-6 bg-paper px-5 py-4">
            <div>
              {drawing && (
                <Bike
                  drawing={drawing}
                  paint={b.details.paint}
                  scale={0.085}
                  maxWidth={165}
                  maxHeight={120}
                  fine={false}
                  label={b.kindLabel}
                />
              )}
            </div>
            <div>
              <h2 className="text-[19px]">
                <Link to={`/bikes/${b.id}`} className="underline underline-offset-4">
                  {b.details.model} {b.details.size}
                </Link>{' '}
                <span className="text-[14px] font-normal text-soft">
                  {b.kindLabel} · frame {b.details.frameNumber || 'without number'}
                </span>
              </h2>
              <JobLines jobs={b.jobs} none="Not here for anything yet." />
            </div>
          </section>
        )
      })}
      <TheirData customer={customer} />
    </div>
  )
}

/** What this customer owes, job by job; nothing where every account is even. */
function OpenAccounts({ customer }: { customer: number }) {
  const open = useOpenMoney(customer).data
  if (!open || open.jobs.length === 0) return null
  return (
    <section aria-label="Money" className="mt-5 bg-paper px-5 pt-3 pb-3">
      <h2 className="text-[19px]">
        {open.currency} <span className="figure">{open.due}</span> to be paid now
        {open.back !== '0.00' && `, ${open.back} to give back`}
      </h2>
      <OpenJobs jobs={open.jobs} currency={open.currency} />
    </section>
  )
}

function Change({ customer, onDone }: { customer: CustomerView; onDone: () => void }) {
  const toast = useToast()
  const [details, setDetails] = useState(customer.details)
  // What is typed stays, whatever is heard meanwhile; it builds on what stood there when it was begun.
  const [seen] = useState(customer.version)
  const change = useCommand(
    () => answered(api.PUT('/api/customers/{id}', { params: { path: { id: customer.id } }, body: { version: seen, customer: details } })),
    { answers: () => ['customer', customer.id], quiet: true },
  )
  return (
    <ChangeForm
      error={change.error}
      pending={change.isPending}
      onLeave={onDone}
      onSave={() =>
        change.mutate(undefined, {
          onSuccess: () => {
            toast.done(`${details.name} is changed.`)
            onDone()
          },
        })
      }
    >
      <h1 className="sr-only">Change {customer.details.name}</h1>
      <CustomerFields customer={details} fault={(field) => faultOf(change.error, field)} onChange={setDetails} />
    </ChangeForm>
  )
}
