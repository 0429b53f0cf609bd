import type { ReactNode } from 'react'
import { useUnits } from '../../quantity/units'
import { Field } from '../../ui/Field'
import type { Draft, Form } from './draft'

/** What a range supposes of the way stands folded, with the values that count unless something is said. */
function Foldable({ supposed, open, children }: { supposed: string[]; open: boolean; children: ReactNode }) {
  if (supposed.length === 0) return <>{children}</>
  return (
    <details open={open}>
      <summary className="mb-1 cursor-pointer text-[13px] text-[#5f5535]">The range supposes {supposed.join(', ')}, unless said</summary>
      {children}
    </details>
  )
}

/** What is to be done and what the rider needs. */
export function WantedSheet({
  choices,
  draft,
  fault,
  onChange,
}: {
  choices: Form
  draft: Draft
  fault: (field: string) => string | undefined
  onChange: (change: Partial<Draft>) => void
}) {
  const units = useUnits()
  const say = (amount: string, text: string) => onChange({ need: { ...draft.need, [amount]: text } })
  return (
    <div className="sheet flex flex-col gap-2.5 px-5 pt-4 pb-4">
      <div>
        <label className="label block text-[14px]" htmlFor="job-kind">
          What is to be done
        </label>
        <select
          id="job-kind"
          value={draft.jobKind}
          onChange={(e) => onChange({ jobKind: e.target.value as Draft['jobKind'] })}
          className="mt-0.5 h-10 w-full border border-soft/60 bg-paper px-2 text-[15px]"
        >
          {choices.jobs.map((j) => (
            <option key={j.kind} value={j.kind}>
              {j.label}
            </option>
          ))}
        </select>
      </div>
      <Field label="In the rider’s words" value={draft.wish} onChange={(e) => onChange({ wish: e.target.value })} fault={fault('wish')} />
      {[false, true].map((of) => (
        <Foldable
          key={String(of)}
          supposed={
            of ? choices.amounts.flatMap((a) => (a.supposed ? [units === 'imperial' ? a.supposed.imperial : a.supposed.metric] : [])) : []
          }
          open={choices.amounts.some((a) => a.supposed !== undefined && (draft.need[a.amount] ?? '') !== '')}
        >
          <div className="grid grid-cols-3 gap-x-3 gap-y-2">
            {choices.amounts
              .filter((a) => (a.supposed !== undefined) === of)
              .map((a) => {
                const example = a.usual[1] ?? a.usual[0]
                return (
                  <Field
                    key={a.amount}
                    label={a.title}
                    placeholder={example && (units === 'imperial' ? example.imperial : example.metric)}
                    title={`Possible: ${a.possible}`}
                    value={draft.need[a.amount] ?? ''}
                    onChange={(e) => say(a.amount, e.target.value)}
                    // A number alone is read in the units this person has chosen.
                    onBlur={(e) => {
                      const text = e.target.value.trim()
                      if (units === 'imperial' && example && /^\d+([.,]\d+)?$/.test(text))
                        say(a.amount, `${text} ${example.imperial.replace(/^[\d.]+\s*/, '')}`.trim())
                    }}
                    fault={fault(`need.${a.amount}`)}
                  />
                )
              })}
          </div>
        </Foldable>
      ))}
      <div className="grid grid-cols-2 gap-1.5 text-[13px]">
        {choices.wishes.map((w) => (
          <label key={w.wish} className="flex min-h-8 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-petrol"
              checked={draft.wishes.includes(w.wish)}
              onChange={() =>
                onChange({ wishes: draft.wishes.includes(w.wish) ? draft.wishes.filter((o) => o !== w.wish) : [...draft.wishes, w.wish] })
              }
            />
            {w.label}
          </label>
        ))}
      </div>
      <div>
        <label className="label block text-[14px]" htmlFor="legal-class">
          Legal class
        </label>
        <select
          id="legal-class"
          value={draft.legalClass}
          onChange={(e) => onChange({ legalClass: e.target.value as Draft['legalClass'] })}
          className="mt-0.5 h-9 w-full border border-soft/60 bg-paper px-2 text-[14px]"
        >
          {choices.classes.map((c) => (
            <option key={c.legalClass} value={c.legalClass}>
              {c.label}
            </option>
          ))}
        </select>
        <p className="mt-0.5 text-[12px] text-[#5f5535]">{choices.reminder}</p>
      </div>
    </div>
  )
}
