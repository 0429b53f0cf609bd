import { useState } from 'react'
import { Link } from 'react-router'
import { clock } from '../../quantity/units'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { Loaded } from '../../ui/Loaded'
import { useMay } from '../session/useSession'
import { KIND } from './movements'
import { MoveForm } from './MoveForm'
import { PartFields } from './PartFields'
import { Piece } from './Piece'
import { StandIns } from './StandIns'
import { usePart, type PartView } from './useStock'

const LEAVES = ['In and out', 'Sheet', 'Stands in'] as const

/** One part: what moved, what it is, what may stand in for it. Without a number: a part that is new. */
export function PartDialog({ number, onClose, onOpen }: { number: string; onClose: () => void; onOpen: (number: string) => void }) {
  if (number === '') {
    return (
      <Dialog
        open
        wide
        onClose={onClose}
        title="New part"
        hint="It gets a number and a drawer; what lies in it comes in by a delivery or a count."
      >
        <PartFields onSaved={onOpen} onClose={onClose} />
      </Dialog>
    )
  }
  return <Known number={number} onClose={onClose} />
}

function Known({ number, onClose }: { number: string; onClose: () => void }) {
  const query = usePart(number)
  const row = query.data?.row
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title={row?.name ?? number}
      hint={row ? `${number} · drawer ${row.place}${row.size ? ` · ${row.size}` : ''}` : ''}
    >
      <Loaded query={query} what={`Part ${number}`}>
        {(part) => <Leaf part={part} />}
      </Loaded>
    </Dialog>
  )
}

function Leaf({ part }: { part: PartView }) {
  const may = useMay()
  const [leaf, setLeaf] = useState<(typeof LEAVES)[number]>('In and out')
  const row = part.row
  return (
    <>
      <div className="flex items-end gap-7 border-b border-manila-line pb-2">
        {(
          [
            ['on hand', row.onHand],
            ['held', row.reserved],
            ['free', row.free],
            ['wanted', row.minimum],
          ] as const
        ).map(([name, n]) => (
          <span key={name}>
            <b
              className={cx(
                'figure block text-[24px] leading-none',
                ((name === 'free' && n <= 0) || (name === 'on hand' && row.low)) && 'text-vermilion',
              )}
            >
              {n}
            </b>
            <span className="text-[12.5px] text-soft">{name}</span>
          </span>
        ))}
        <Piece cells={part.cells} />
        <span className="ml-auto flex gap-1 text-[13.5px]" role="tablist">
          {LEAVES.map((name) => (
            <button
              key={name}
              type="button"
              role="tab"
              aria-selected={leaf === name}
              onClick={() => setLeaf(name)}
              className={cx('min-h-9 px-3', leaf === name ? 'bg-ink font-semibold text-paper' : 'hover:bg-ink/10')}
            >
              {name}
            </button>
          ))}
        </span>
      </div>
      {leaf === 'In and out' && (
        <>
          {may('KEEP_DRAWERS') && <MoveForm row={row} />}
          <Ledger part={part} />
        </>
      )}
      {leaf === 'Sheet' && <PartFields key={part.version} part={part} />}
      {leaf === 'Stands in' && <StandIns part={part} />}
    </>
  )
}

function Ledger({ part }: { part: PartView }) {
  const signed = (n: number) => (n === 0 ? '' : n > 0 ? `+${n}` : `−${-n}`)
  return (
    <table className="mt-3 w-full text-[13px]" aria-label="Ledger">
      <thead>
        <tr className="label border-b border-ink text-left">
          {['When', 'Who', 'What', 'Note', 'Lot or number', 'On hand', 'Held', 'Then'].map((h, i) => (
            <th key={h} className={cx('py-1 pr-3', i >= 5 && 'text-right')}>
              {h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {part.movements.map((m, i) => (
          <tr key={i} className="border-b border-manila-line">
            <td className="py-1 pr-3 whitespace-nowrap">{clock(m.at)}</td>
            <td className="pr-3 whitespace-nowrap">{m.by}</td>
            <td className="pr-3 whitespace-nowrap">
              {KIND[m.kind]}{' '}
              {m.job !== undefined && (
                <Link to={`/jobs/${m.job}/bill`} className="figure underline underline-offset-2">
                  job {m.job}
                </Link>
              )}
            </td>
            <td className="pr-3">{m.note}</td>
            <td className="figure pr-3">{[m.lot, m.serial].filter(Boolean).join(' · ')}</td>
            <td className="figure pr-3 text-right font-semibold">{signed(m.delta)}</td>
            <td className="figure pr-3 text-right">{signed(m.heldDelta)}</td>
            <td className="figure pr-3 text-right">{m.onHand}</td>
          </tr>
        ))}
        {part.movements.length === 0 && (
          <tr>
            <td colSpan={8} className="py-2 text-soft">
              Nothing came in yet.
            </td>
          </tr>
        )}
      </tbody>
    </table>
  )
}
