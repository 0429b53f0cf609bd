import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useNavigate } from 'react-router'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Bike } from '../../drawing/Bike'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'

const PAINTS = ['#2b5d8a', '#2f6f5b', '#b5472f', '#8a5a2b', '#5a4a8f', '#6b7a2e', '#7a3f5f', '#3b7f86', '#5a646b', '#1f2b27']

export function BookPage() {
  const kinds = useQuery({ queryKey: ['bike-kinds'], queryFn: () => answered(api.GET('/api/bike-kinds')), staleTime: Infinity })
  return (
    <Loaded query={kinds} what="The booking form">
      {(all) => <BookForm kinds={all} />}
    </Loaded>
  )
}

/** The day as this place counts it. */
function inDays(n: number): string {
  const d = new Date()
  d.setDate(d.getDate() + n)
  return `${d.getFullYear()}-${String(d.getMonth() + 1).padStart(2, '0')}-${String(d.getDate()).padStart(2, '0')}`
}

function BookForm({ kinds }: { kinds: Schemas['KindChoice'][] }) {
  const navigate = useNavigate()
  const toast = useToast()
  const [form, setForm] = useState({ customer: '', contact: '', kind: kinds[0]!.kind, bike: '', frameNumber: '', paint: PAINTS[0]!, wish: '', dailyKm: '', arrivesOn: inDays(0) })
  // One key for one booking, however often it is sent.
  const [key] = useState(() => crypto.randomUUID())
  const set = (change: Partial<typeof form>) => setForm((before) => ({ ...before, ...change }))
  const book = useCommand(
    () => answered(api.POST('/api/jobs', { body: { ...form, dailyKm: form.dailyKm === '' ? 0 : Number(form.dailyKm) }, headers: { 'Idempotency-Key': key } })),
    { quiet: true },
  )
  const fault = (field: string) => {
    const f = book.error?.faults.find((one) => one.field === field)
    return f && `${f.given === '' || f.given === 'null' ? 'Missing' : `'${f.given}' is not possible`}: ${f.allowed}.`
  }
  useHotkeys('esc', () => void navigate('/'), { enableOnFormTags: true })
  const send = () => book.mutate(undefined, {
    onSuccess: (job) => {
      toast.done(`Booked in as job ${job.number}.`)
      void navigate('/')
    },
  })
  return (
    <form
      className="mx-auto w-full max-w-[1120px] px-6 py-5"
      noValidate
      onSubmit={(e) => {
        e.preventDefault()
        send()
      }}
    >
      <h1 className="text-[26px]">Book a bike in</h1>
      <div className="mt-4 grid grid-cols-[1fr_400px] gap-8">
        <fieldset>
          <legend className="label text-[14px]">What kind of bike is it?</legend>
          <div className="mt-1.5 grid grid-cols-4 gap-2">
            {kinds.map((k) => (
              <label key={k.kind} className={cx('flex cursor-pointer flex-col items-center justify-end gap-1 border-2 px-2 pt-3 pb-2 has-focus-visible:outline-3 has-focus-visible:outline-paint', form.kind === k.kind ? 'border-paint bg-paint-pale' : 'border-line bg-paper')}>
                <input type="radio" name="kind" value={k.kind} checked={form.kind === k.kind} onChange={() => set({ kind: k.kind })} className="sr-only" />
                <Bike drawing={k.drawing} paint={form.paint} scale={0.082} maxWidth={146} fine={false} label={k.label} />
                <span className="text-[13px] font-semibold">{k.label}</span>
              </label>
            ))}
          </div>
          <div className="mt-5 grid grid-cols-2 gap-4">
            <Field label="Maker and model" value={form.bike} onChange={(e) => set({ bike: e.target.value })} fault={fault('bike')} />
            <Field label="Frame number" hint="under the bracket; empty when there is none" value={form.frameNumber} onChange={(e) => set({ frameNumber: e.target.value })} fault={fault('frameNumber')} />
          </div>
          <div className="mt-4">
            <span className="label text-[14px]">Colour of the frame</span>
            <div className="mt-1 flex gap-2" role="radiogroup" aria-label="Colour of the frame">
              {PAINTS.map((p) => (
                <button key={p} type="button" role="radio" aria-checked={form.paint === p} aria-label={`colour ${p}`} onClick={() => set({ paint: p })} className={cx('size-9', form.paint === p && 'ring-[3px] ring-paint ring-offset-2')} style={{ background: p }} />
              ))}
            </div>
          </div>
        </fieldset>
        <div className="sheet flex flex-col gap-3.5 px-6 pt-5 pb-6">
          <Field label="Customer" value={form.customer} onChange={(e) => set({ customer: e.target.value })} autoFocus fault={fault('customer')} />
          <Field label="Phone or mail" value={form.contact} onChange={(e) => set({ contact: e.target.value })} fault={fault('contact')} />
          <Field label="What the rider wants" hint="hills, load, must fold …" value={form.wish} onChange={(e) => set({ wish: e.target.value })} fault={fault('wish')} />
          <div className="grid grid-cols-2 gap-4">
            <Field label="Distance a day" hint="km" inputMode="numeric" value={form.dailyKm} onChange={(e) => set({ dailyKm: e.target.value.replace(/\D/g, '') })} fault={fault('dailyKm')} />
            <Field label="Arrives on" type="date" value={form.arrivesOn} onChange={(e) => set({ arrivesOn: e.target.value })} fault={fault('arrivesOn')} />
          </div>
          {book.error && (
            <p role="alert" className="border-l-[5px] border-vermilion bg-paper px-3 py-2 text-[13.5px]">
              {book.error.faults.length > 0 ? 'Not booked yet; nothing was saved. See the marked fields.' : book.error.message}
            </p>
          )}
          <div className="mt-2 flex gap-3">
            <Button type="submit" disabled={book.isPending} hotkey="↵" className="flex-1">
              Book it in
            </Button>
            <Button look="quiet" hotkey="Esc" onClick={() => void navigate('/')}>
              Leave
            </Button>
          </div>
        </div>
      </div>
    </form>
  )
}
