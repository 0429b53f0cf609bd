import { useState, type ReactNode } from 'react'
import { faultOf } from '../../api/client'
import { Mark } from '../../app/Mark'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { StandRows, type Stand } from '../shop/StandRows'
import { WEEK, WeekFields } from '../shop/Week'
import type { DayHours } from '../shop/useShop'
import { setUnits, useUnits } from '../../quantity/units'
import { Letterhead } from './Letterhead'
import { useOpeningForm, useOpenShop, type OpeningForm, type OpeningGiven } from './useOpening'

const WORKS: DayHours[] = WEEK.slice(0, 5).map((day) => ({ day, from: '08:00', to: '17:00' }))
const STANDS: Stand[] = [1, 2, 3].map((number) => ({ number, name: '', holds: 'CLAMP', ratedKg: 30 }))
const ALSO = [
  ['TECHNICIAN', 'works at the stand'],
  ['STOCK_KEEPER', 'keeps the drawers'],
] as const

/** The first page of a shop of one’s own: who it is, when it is open, what it works on, and who runs it. */
export function OpeningPage() {
  return (
    <Loaded query={useOpeningForm()} what="The first page">
      {(form) => <Opening form={form} />}
    </Loaded>
  )
}

function Opening({ form }: { form: OpeningForm }) {
  const open = useOpenShop()
  const units = useUnits()
  const [given, setGiven] = useState<OpeningGiven>({
    code: '',
    name: '',
    address: '',
    telephone: '',
    taxNumber: '',
    currency: form.currencies[0] ?? 'EUR',
    taxPercent: form.taxPercent,
    labourAnHour: form.labourAnHour,
    depositPercent: form.depositPercent,
    stands: STANDS,
    hours: WORKS,
    manager: { username: '', displayName: '', fresh: '', roles: ['TECHNICIAN'] },
  })
  const put = (part: Partial<OpeningGiven>) => setGiven({ ...given, ...part })
  const manage = (part: Partial<OpeningGiven['manager']>) => put({ manager: { ...given.manager, ...part } })
  const text = (field: 'code' | 'name' | 'address' | 'telephone' | 'taxNumber' | 'taxPercent' | 'labourAnHour' | 'depositPercent') => ({
    value: given[field],
    fault: hidden(faultOf(open.error, field)),
    onChange: (e: { target: { value: string } }) => put({ [field]: e.target.value }),
  })
  const whole = ['stands', 'hours'].map((f) => faultOf(open.error, f)).find(Boolean)
  return (
    <div className="min-h-screen bg-floor">
      <header className="flex h-[50px] items-center gap-3 bg-ink px-6 text-[17px] font-bold text-paper [font-stretch:88%]">
        <Mark /> Hinge Yard
      </header>
      <form
        noValidate
        className="mx-auto grid max-w-[1180px] grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] items-start gap-x-12 px-6 pt-5 pb-10 max-lg:grid-cols-1"
        onSubmit={(e) => {
          e.preventDefault()
          open.mutate(given)
        }}
      >
        <div className="col-span-full mb-1">
          <h1 className="text-[30px]">Open your shop</h1>
          <p className="max-w-[72ch] text-[14.5px] text-soft">
            All of it can be changed later, but not the name you sign in with. What you leave as it is works.
          </p>
        </div>
        <div>
          <Part title="The code from the console" why="./yard open printed it. It counts until the shop is open.">
            <Field label="Code" placeholder="XXXX-XXXX-XXXX" autoFocus autoComplete="off" className="max-w-[260px]" {...text('code')} />
          </Part>
          <Part title="The shop" why="As it stands on quotes, bills and the customer’s papers.">
            <div className="grid grid-cols-2 gap-3">
              <Field label="Name of the shop" className="col-span-2" maxLength={80} autoComplete="organization" {...text('name')} />
              <Lines
                label="Address"
                value={given.address}
                fault={faultOf(open.error, 'address')}
                onChange={(address) => put({ address })}
              />
              <div className="grid content-start gap-3">
                <Field label="Telephone" maxLength={60} autoComplete="tel" {...text('telephone')} />
                <Field label="Tax number" maxLength={60} {...text('taxNumber')} />
              </div>
            </div>
          </Part>
          <Part title="Money" why="Every quote is reckoned with these.">
            <div className="grid grid-cols-4 gap-3">
              <label className="label block text-[14px]">
                Currency
                <select
                  value={given.currency}
                  onChange={(e) => put({ currency: e.target.value })}
                  className="mt-0.5 block h-10 w-full border border-soft/60 bg-paper px-2 text-[15px] font-normal"
                >
                  {form.currencies.map((c) => (
                    <option key={c}>{c}</option>
                  ))}
                </select>
              </label>
              <Field label="Labour an hour" hint={given.currency} inputMode="decimal" {...text('labourAnHour')} />
              <Field label="Tax" hint="%" inputMode="decimal" {...text('taxPercent')} />
              <Field label="Deposit" hint="% of the total" inputMode="decimal" {...text('depositPercent')} />
            </div>
          </Part>
          <Part title="You" why="The first service manager. You add the others.">
            <div className="grid grid-cols-2 gap-3">
              <Field
                label="Your name"
                hint="on steps and papers"
                maxLength={40}
                autoComplete="name"
                value={given.manager.displayName}
                onChange={(e) => manage({ displayName: e.target.value })}
                fault={faultOf(open.error, 'displayName') ?? faultOf(open.error, 'manager.displayName')}
              />
              <Field
                label="Name to sign in with"
                hint="small letters"
                maxLength={30}
                autoComplete="username"
                autoCapitalize="none"
                value={given.manager.username}
                onChange={(e) => manage({ username: e.target.value })}
                fault={faultOf(open.error, 'username') ?? faultOf(open.error, 'manager.username')}
              />
              <Field
                label="Password"
                hint="at least 12 signs; four words do"
                type="password"
                autoComplete="new-password"
                value={given.manager.fresh}
                onChange={(e) => manage({ fresh: e.target.value })}
                fault={hidden(faultOf(open.error, 'fresh') ?? faultOf(open.error, 'manager.fresh'))}
              />
              <fieldset className="self-end">
                <legend className="label text-[14px]">Besides managing, you are somebody who</legend>
                {ALSO.map(([role, words]) => (
                  <label key={role} className="mr-5 inline-flex min-h-10 cursor-pointer items-center gap-2 text-[14.5px]">
                    <input
                      type="checkbox"
                      className="size-4 accent-petrol"
                      checked={given.manager.roles.includes(role)}
                      onChange={(e) =>
                        manage({ roles: e.target.checked ? [...given.manager.roles, role] : given.manager.roles.filter((r) => r !== role) })
                      }
                    />
                    {words}
                  </label>
                ))}
              </fieldset>
            </div>
          </Part>
        </div>
        <div>
          <section aria-label="The head of your papers" className="mt-4">
            <h2 className="text-[15px] text-soft">Your papers begin like this</h2>
            <Letterhead face={given} />
          </section>
          <Part title="Stands" why="Where a bike is worked on, and what mass each carries with its kit.">
            <StandRows stands={given.stands} onChange={(stands) => put({ stands })} />
          </Part>
          <Part title="Open" why="Booking and planning go by these hours.">
            <WeekFields hours={given.hours} of="the shop" off="closed" onChange={(hours) => put({ hours })} />
          </Part>
          <Part title="Lengths and torques" why="For this screen; everybody chooses on their own.">
            <div role="radiogroup" aria-label="Lengths and torques in">
              {(
                [
                  ['metric', 'mm and N·m'],
                  ['imperial', 'inches and ft·lb'],
                ] as const
              ).map(([unit, words]) => (
                <label key={unit} className="mr-5 inline-flex min-h-9 cursor-pointer items-center gap-2 text-[14.5px]">
                  <input
                    type="radio"
                    name="units"
                    className="size-4 accent-petrol"
                    checked={units === unit}
                    onChange={() => setUnits(unit)}
                  />
                  {words}
                </label>
              ))}
            </div>
          </Part>
        </div>
        <div className="col-span-full mt-5 flex items-center gap-5 border-t-2 border-ink pt-4">
          <Button type="submit" disabled={open.isPending} className="min-h-12 px-8 text-[16px]">
            Open the shop
          </Button>
          {open.error ? (
            <p role="alert" className="max-w-[80ch] font-semibold text-vermilion">
              {open.error.status === 422
                ? (whole ?? 'Not opened yet; nothing was saved. What is marked above cannot be.')
                : open.error.message}
            </p>
          ) : (
            <p className="text-[14px] text-soft">After this you are signed in, and the yard says what a first bike still needs.</p>
          )}
        </div>
      </form>
    </div>
  )
}

/** What was typed is never said again. */
function hidden(fault: string | undefined) {
  return fault?.replace("'hidden' is not possible: ", 'Not possible: ')
}

function Part({ title, why, children }: { title: string; why: string; children: ReactNode }) {
  return (
    <section className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">{title}</h2>
      <p className="mt-1 mb-2 text-[13px] text-soft">{why}</p>
      {children}
    </section>
  )
}

/** Several lines of text. */
export function Lines({
  label,
  hint,
  value,
  fault,
  rows = 4,
  most = 300,
  onChange,
}: {
  label: string
  hint?: string
  value: string
  fault?: string | undefined
  rows?: number
  most?: number
  onChange: (value: string) => void
}) {
  return (
    <label className="label block text-[14px]">
      {label} {hint && <span className="font-normal text-soft">{hint}</span>}
      <textarea
        rows={rows}
        maxLength={most}
        value={value}
        onChange={(e) => onChange(e.target.value)}
        aria-invalid={fault ? true : undefined}
        className="mt-0.5 block w-full border border-soft/60 bg-paper px-2.5 py-1.5 text-[15px] font-normal [font-stretch:100%]"
      />
      {fault && (
        <span role="alert" className="mt-1 block text-[13px] font-semibold text-vermilion">
          {fault}
        </span>
      )}
    </label>
  )
}
