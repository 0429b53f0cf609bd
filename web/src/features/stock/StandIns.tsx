import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useMay } from '../session/useSession'
import { useDrawers, useNoStandIn, useStandIn, type PartView } from './useStock'

/** Which parts may stand in for this one, and when. */
export function StandIns({ part }: { part: PartView }) {
  const may = useMay()
  const drawers = useDrawers()
  const [number, setNumber] = useState('')
  const [when, setWhen] = useState('')
  const add = useStandIn(part.row.number)
  const remove = useNoStandIn(part.row.number)
  const likely = (drawers.data ?? []).filter((r) => r.usedAs === part.row.usedAs && r.number !== part.row.number).slice(0, 60)
  return (
    <>
      <ul className="mt-3 border-t border-manila-line">
        {part.alternatives.map((a) => (
          <li key={a.number} className="flex items-baseline gap-3 border-b border-manila-line py-1.5">
            <b>{a.name}</b> <span className="figure text-[12.5px] text-soft">{a.number}</span>
            <span className="flex-1 text-[13.5px]">{a.when}</span>
            <span className="figure text-[13px]">{a.free} free</span>
            {may('KEEP_DRAWERS') && (
              <button
                type="button"
                onClick={() => remove.mutate(a.number)}
                className="min-h-8 px-2 text-[12.5px] underline underline-offset-2"
              >
                Strike out
              </button>
            )}
          </li>
        ))}
        {part.alternatives.length === 0 && <li className="py-2 text-soft">No other part stands in for this one.</li>}
      </ul>
      {may('KEEP_DRAWERS') && (
        <form
          className="mt-3 grid grid-cols-[240px_1fr_auto] items-end gap-3"
          onSubmit={(e) => {
            e.preventDefault()
            add.mutate(
              { number: number.trim(), when },
              {
                onSuccess: () => {
                  setNumber('')
                  setWhen('')
                },
              },
            )
          }}
        >
          <Field
            label="Part’s number"
            list="likely-parts"
            value={number}
            onChange={(e) => setNumber(e.target.value)}
            fault={add.error?.message}
          >
            <datalist id="likely-parts">
              {likely.map((r) => (
                <option key={r.number} value={r.number}>
                  {r.name}
                </option>
              ))}
            </datalist>
          </Field>
          <Field label="When" hint="for example: bore one size up" maxLength={200} value={when} onChange={(e) => setWhen(e.target.value)} />
          <Button type="submit" disabled={number.trim() === '' || when.trim() === '' || add.isPending}>
            May stand in
          </Button>
        </form>
      )}
    </>
  )
}
