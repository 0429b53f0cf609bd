import type { Schemas } from '../../api/client'
import { today } from '../../quantity/units'
import { Field } from '../../ui/Field'
import { cx } from '../../ui/cx'
import { SignaturePad } from './SignaturePad'

export type Agreement = { who: string; on: string; way?: Schemas['AgreementGiven']['way']; drawn?: string }

const WAYS: [Schemas['AgreementGiven']['way'], string][] = [
  ['COUNTER', 'at the counter'],
  ['PHONE', 'by phone'],
  ['WRITING', 'in a message'],
  ['PAPER', 'signed on paper'],
  ['DRAWN', 'signs here'],
]

/** Before anybody said anything: the customer and today are offered, the way never is. */
export function nobodyYet(customer: string): Agreement {
  return { who: customer, on: today() }
}

/** What is sent; nothing while who, when or how is missing, or the name that was to be drawn. */
export function given(a: Agreement): Schemas['AgreementGiven'] | undefined {
  if (a.way === undefined || a.who.trim() === '' || a.on === '' || (a.way === 'DRAWN' && !a.drawn)) return undefined
  return { who: a.who.trim(), on: a.on, way: a.way, ...(a.way === 'DRAWN' ? { drawn: a.drawn } : {}) }
}

/** Who agreed, on which day and in which way. */
export function AgreementFields({
  value,
  onChange,
  whose = 'Who agreed',
}: {
  value: Agreement
  onChange: (a: Agreement) => void
  whose?: string
}) {
  return (
    <fieldset className="mt-2">
      <legend className="sr-only">{whose}, when and how</legend>
      <div className="grid grid-cols-[minmax(0,1fr)_150px] gap-2">
        <Field label={whose} maxLength={120} value={value.who} onChange={(e) => onChange({ ...value, who: e.target.value })} />
        <Field label="On" type="date" max={today()} value={value.on} onChange={(e) => onChange({ ...value, on: e.target.value })} />
      </div>
      <div className="mt-1.5 grid grid-cols-2 gap-1.5" role="radiogroup" aria-label="How it was said">
        {WAYS.map(([way, label]) => (
          <label
            key={way}
            className={cx(
              'flex min-h-9 cursor-pointer items-center gap-2 border px-2.5 text-[13.5px] has-focus-visible:outline-[3px] has-focus-visible:outline-paint',
              value.way === way ? 'border-ink bg-ink font-semibold text-paper' : 'border-ink/50 bg-paper/60',
            )}
          >
            <input
              type="radio"
              name="agreed-way"
              className="sr-only"
              checked={value.way === way}
              onChange={() => onChange({ ...value, way, drawn: '' })}
            />
            {label}
          </label>
        ))}
      </div>
      {value.way === 'DRAWN' && <SignaturePad onChange={(drawn) => onChange({ ...value, drawn })} />}
    </fieldset>
  )
}
