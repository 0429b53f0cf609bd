import { Dialog } from '../ui/Dialog'
import { setKeysOn, useKeysOn } from '../ui/useKeys'

const KEYS: [string, string][] = [
  ['/', 'find a bike, job, customer or frame number'],
  ['Y', 'the yard'],
  ['V', 'the days ahead'],
  ['D O U K C R L', 'drawers, orders, what is stuck, kits, bench calculators, rules, step library'],
  ['B', 'book a bike in (in the yard)'],
  ['← → ↑ ↓', 'from bike to bike (in the yard)'],
  ['Enter', 'open what the bike waits for'],
  ['M', 'move the bike in focus'],
  ['A 1 2 3 4 5 7', 'arrival, bike sheet, hinge, bill, kit check, settings and papers, money (on a job)'],
  ['T', 'take a delivery in (on the orders)'],
  ['G W X', 'good, with the job, stops it (on the arrival sheet)'],
  ['F', 'filter the measures (on the bike sheet), the kits (on the shortlist)'],
  ['← →', 'the kit before and after (on a hinge)'],
  ['W', 'what if: suppose another measure or part (on a hinge)'],
  ['S', 'show or fold what fits as it is (on a hinge)'],
  ['↑ ↓ Enter', 'choose and open a part (in the drawers)'],
  ['Alt C', 'count a drawer (in the drawers)'],
  ['P W M H', 'what is proposed, what if, promise or move the chosen bike, places, hands or table (in the days ahead)'],
  ['Esc', 'close, back'],
  ['?', 'this list'],
]

export function KeysHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const on = useKeysOn()
  return (
    <Dialog open={open} onClose={onClose} title="Keys" wide>
      <dl className="grid grid-cols-[110px_1fr] gap-y-1.5">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="figure font-bold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <label className="mt-5 flex min-h-10 cursor-pointer items-center gap-3 border-t border-line pt-3">
        <input type="checkbox" className="size-5 accent-petrol" checked={on} onChange={(e) => setKeysOn(e.target.checked)} />
        <span>
          <b>Single keys act on this device.</b> Switch them off for speech input; Tab, Enter, Esc and arrows always work.
        </span>
      </label>
    </Dialog>
  )
}
