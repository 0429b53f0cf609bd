import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useMay } from '../session/useSession'

type Rule = Schemas['RuleView']

export function RulesPage() {
  const query = useQuery({ queryKey: ['rules'], queryFn: () => answered(api.GET('/api/rules')) })
  return (
    <Loaded query={query} what="The shop’s rules">
      {(rules) => <Rules rules={rules} />}
    </Loaded>
  )
}

/** Every threshold and school of practice the checks go by, with its reason; the manager may set a value of the shop's own. */
function Rules({ rules }: { rules: Rule[] }) {
  const [text, setText] = useState('')
  const [ownOnly, setOwnOnly] = useState(false)
  const [open, setOpen] = useState<string>()
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const shown = rules.filter(
    (r) => (!ownOnly || r.own) && words.every((w) => `${r.key} ${r.group} ${r.title} ${r.value} ${r.reason}`.toLowerCase().includes(w)),
  )
  const groups = [...new Set(shown.map((r) => r.group))]
  const own = rules.filter((r) => r.own).length
  return (
    <div className="px-6 pt-4 pb-6">
      <div className="flex items-end gap-6">
        <h1 className="text-[26px]">Rules of the shop</h1>
        <input
          aria-label="Filter the rules"
          placeholder="Type to filter: spacer, tyre, range …"
          value={text}
          onChange={(e) => setText(e.target.value)}
          className="h-10 w-[330px] border border-soft/60 bg-paper px-3 text-[15px]"
        />
        <label className="flex min-h-10 cursor-pointer items-center gap-2 text-[14px]">
          <input type="checkbox" className="size-4 accent-petrol" checked={ownOnly} onChange={(e) => setOwnOnly(e.target.checked)} /> Only
          the shop’s own <span className="figure text-soft">{own}</span>
        </label>
        <p className="ml-auto max-w-[380px] pb-1 text-[12.5px] leading-tight text-soft">
          Makers’ limits and local rules stand above these. Every change is kept with its reason and counts for every match from then on.
        </p>
      </div>
      {groups.map((g) => (
        <section key={g} className="mt-4">
          <h2 className="border-b-2 border-ink pb-0.5 text-[17px] first-letter:uppercase">{g}</h2>
          <ul className="bg-paper">
            {shown
              .filter((r) => r.group === g)
              .map((r) => (
                <li key={r.key} className="border-b border-line" data-rule={r.key}>
                  <button
                    type="button"
                    aria-expanded={open === r.key}
                    onClick={() => setOpen(open === r.key ? undefined : r.key)}
                    className={cx(
                      'grid w-full grid-cols-[300px_150px_minmax(0,1fr)] items-baseline gap-4 px-3 py-1.5 text-left',
                      open === r.key ? 'bg-paint-pale' : 'hover:bg-paint-pale',
                    )}
                  >
                    <b className="text-[14px]">{r.title}</b>
                    <span>
                      <span className="figure font-bold">{r.value}</span>
                      {r.own && <span className="ml-2 bg-ink px-1 text-[11px] text-paper">own</span>}
                      {r.kind && (
                        <span className="ml-2 text-[11.5px] text-soft" title={r.kind.decided}>
                          {r.kind.label}
                        </span>
                      )}
                    </span>
                    <span className="text-[13px] text-soft">{r.reason}</span>
                  </button>
                  {open === r.key && <RuleDetail key={r.seen} rule={r} onDone={() => setOpen(undefined)} />}
                </li>
              ))}
          </ul>
        </section>
      ))}
      {shown.length === 0 && (
        <p className="mt-4 bg-paper px-3 py-4 text-soft">
          {ownOnly && words.length === 0
            ? 'The shop has no value of its own: every rule stands at its standard.'
            : `No rule is about “${text}”.`}
        </p>
      )}
    </div>
  )
}

function RuleDetail({ rule, onDone }: { rule: Rule; onDone: () => void }) {
  const may = useMay()
  const toast = useToast()
  const [value, setValue] = useState(rule.entered)
  const [reason, setReason] = useState('')
  const set = useCommand(
    (v: string | undefined) =>
      answered(
        api.POST('/api/rules/{key}', {
          params: { path: { key: rule.key } },
          body: { ...(v === undefined ? {} : { value: v }), reason, seen: rule.seen },
        }),
      ),
    {
      answers: () => ['rules'],
      quiet: true,
    },
  )
  const send = (v: string | undefined) =>
    set.mutate(v, {
      onSuccess: () => {
        toast.done(`${rule.title}: ${v ?? rule.standard} from now on.`)
        onDone()
      },
    })
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-8 border-t border-paint/60 bg-paint-pale px-3 pt-2 pb-3 text-[13.5px]">
      <div>
        <p>
          Standard <b className="figure">{rule.standard}</b> · allowed: {rule.allowed}
        </p>
        {rule.kind && (
          <p>
            <b>{rule.kind.label}</b> limit: {rule.kind.decided}
          </p>
        )}
        <p className="text-soft">
          {rule.source} · <span className="figure">{rule.key}</span>
        </p>
        {rule.history.length === 0 ? (
          <p className="mt-1 text-soft">Never changed.</p>
        ) : (
          <ul className="mt-1">
            {rule.history.map((c, i) => (
              <li key={i} className="border-b border-paint/40 py-0.5">
                <b className="figure">{c.value}</b> {c.reason}{' '}
                <span className="text-soft">
                  {c.by}, {clock(c.at)}
                </span>
              </li>
            ))}
          </ul>
        )}
      </div>
      {may('KEEP_RULES') && (
        <form
          className="grid grid-cols-[150px_1fr] items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault()
            send(value)
          }}
        >
          {rule.options.length > 0 ? (
            <label className="label text-[14px]">
              New value
              <select
                value={value}
                onChange={(e) => setValue(e.target.value)}
                className="mt-0.5 h-10 w-full border border-soft/60 bg-paper px-2 text-[15px] font-normal"
              >
                {rule.options.map((o) => (
                  <option key={o}>{o}</option>
                ))}
              </select>
            </label>
          ) : (
            <Field label="New value" value={value} onChange={(e) => setValue(e.target.value)} />
          )}
          <Field label="Reason" value={reason} maxLength={400} onChange={(e) => setReason(e.target.value)} />
          {set.error && (
            <p role="alert" className="col-span-2 font-semibold text-vermilion">
              {set.error.message}
            </p>
          )}
          <span className="col-span-2 flex gap-2">
            <Button type="submit" disabled={reason.trim() === '' || value === rule.value || set.isPending}>
              Set it
            </Button>
            <Button look="quiet" disabled={!rule.own || reason.trim() === '' || set.isPending} onClick={() => send(undefined)}>
              Back to the standard
            </Button>
          </span>
        </form>
      )}
    </div>
  )
}
