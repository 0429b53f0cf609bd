import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api, faultOf } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import type { CustomerView } from './useCustomer'

/** What the shop knows of a customer: handed out, or erased, when they ask. */
export function TheirData({ customer }: { customer: CustomerView }) {
  const [erasing, setErasing] = useState(false)
  return (
    <section aria-label="Their data" className="mt-5 flex items-center gap-3 bg-paper px-5 py-3 text-[14px]">
      <p className="min-w-0 flex-1">
        <b>Their data.</b> A customer may ask what the shop knows of them, and that it is erased.
      </p>
      <a
        href={`/api/customers/${customer.id}/data`}
        download
        className="inline-flex min-h-10 items-center border border-ink/70 px-4 font-semibold hover:bg-ink/5"
      >
        Download all of it
      </a>
      {!customer.erased && (
        <Button look="quiet" onClick={() => setErasing(true)}>
          Erase…
        </Button>
      )}
      {erasing && <Erase customer={customer} onClose={() => setErasing(false)} />}
    </section>
  )
}

function Erase({ customer, onClose }: { customer: CustomerView; onClose: () => void }) {
  const { id, version, details } = customer
  const query = useQuery({
    queryKey: ['erasure', id],
    queryFn: () => answered(api.GET('/api/customers/{id}/erasure', { params: { path: { id } } })),
    refetchOnMount: 'always',
  })
  const [name, setName] = useState('')
  const queries = useQueryClient()
  const toast = useToast()
  const erase = useCommand(
    async () => {
      await answered(api.POST('/api/customers/{id}/erasure', { params: { path: { id } }, body: { version, name } }))
      await queries.invalidateQueries()
    },
    { quiet: true },
  )
  return (
    <Dialog open wide onClose={onClose} title={`Erase what is known of ${details.name}?`} hint="This cannot be undone.">
      <Loaded query={query} what="What would be erased">
        {(e) => (
          <form
            noValidate
            onSubmit={(event) => {
              event.preventDefault()
              erase.mutate(undefined, {
                onSuccess: () => {
                  toast.done(`${details.name} is erased.`)
                  onClose()
                },
              })
            }}
          >
            <div className="grid grid-cols-2 gap-6 text-[14px] max-md:grid-cols-1">
              <Sentences title="Is erased" sentences={e.goes} />
              <Sentences title="Stays" sentences={e.stays} />
            </div>
            {e.may.allowed ? (
              <Field
                className="mt-4 max-w-[420px]"
                label={`Type “${details.name}”`}
                autoComplete="off"
                autoFocus
                value={name}
                onChange={(event) => setName(event.target.value)}
                fault={faultOf(erase.error, 'name')}
              />
            ) : (
              <p className="mt-4 border-l-4 border-paint bg-paint-pale px-4 py-3 font-semibold">{e.may.reason}</p>
            )}
            {erase.error && erase.error.status !== 422 && (
              <p role="alert" className="mt-3 font-semibold text-vermilion">
                {erase.error.message}
              </p>
            )}
            <div className="mt-4 flex gap-2">
              {e.may.allowed && (
                <Button type="submit" look="danger" disabled={erase.isPending || name.trim() === ''}>
                  Erase
                </Button>
              )}
              <Button look="quiet" onClick={onClose}>
                {e.may.allowed ? 'Cancel' : 'Close'}
              </Button>
            </div>
          </form>
        )}
      </Loaded>
    </Dialog>
  )
}

function Sentences({ title, sentences }: { title: string; sentences: string[] }) {
  return (
    <div>
      <h3 className="font-bold">{title}</h3>
      <ul className="mt-1 grid gap-1.5">
        {sentences.map((s) => (
          <li key={s} className="border-t border-line pt-1.5">
            {s}
          </li>
        ))}
      </ul>
    </div>
  )
}
