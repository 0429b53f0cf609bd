import { useEffect } from 'react'
import { Dialog } from '../../ui/Dialog'
import { spotName, type FloorBike, type Spot } from './useYard'

/** Where to? One key each; the same as dragging. */
export function MoveDialog({ bike, stands, onClose, onMove }: { bike: FloorBike | undefined; stands: Map<number, FloorBike>; onClose: () => void; onMove: (bike: FloorBike, spot: Spot) => void }) {
  const spots: [string, Spot][] = [
    ['R', { to: 'RACK' }],
    ...[1, 2, 3, 4, 5, 6].map((stand): [string, Spot] => [String(stand), { to: 'STAND', stand }]),
    ['T', { to: 'STRIP' }],
    ['L', { to: 'RAIL' }],
  ]
  useEffect(() => {
    if (!bike) return
    const pressed = (e: KeyboardEvent) => {
      const spot = spots.find(([key]) => key === e.key.toUpperCase())?.[1]
      if (spot) {
        e.preventDefault()
        e.stopPropagation()
        onMove(bike, spot)
      }
    }
    window.addEventListener('keydown', pressed, true)
    return () => window.removeEventListener('keydown', pressed, true)
  })
  return (
    <Dialog open={bike !== undefined} onClose={onClose} title={`Move ${bike?.job.number ?? ''} ${bike?.job.bike ?? ''}`} hint="Press its key, or choose.">
      <ul className="grid grid-cols-2 gap-2">
        {spots.map(([key, spot]) => {
          const holder = spot.stand ? stands.get(spot.stand) : undefined
          return (
            <li key={key}>
              <button type="button" onClick={() => bike && onMove(bike, spot)} className="flex min-h-11 w-full items-center gap-3 border border-manila-line bg-paper px-3 text-left hover:bg-paint-pale">
                <kbd className="figure border border-ink/40 px-1.5 font-bold">{key}</kbd>
                {spotName(spot)}
                {holder && <span className="ml-auto text-[12px] text-soft">holds {holder.job.number}</span>}
              </button>
            </li>
          )
        })}
      </ul>
    </Dialog>
  )
}
