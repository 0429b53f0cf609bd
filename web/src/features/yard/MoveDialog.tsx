import { useEffect, useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { StillToPay } from '../money/StillToPay'
import { spotName, type FloorBike, type FloorView, type Spot } from './useYard'

/**
 * Where to? One key each; the same as dragging.
 *
 * @param standing what stands on each
 * @param stands   the stands of the shop
 */
export function MoveDialog({
  bike,
  standing,
  stands,
  onClose,
  onMove,
}: {
  bike: FloorBike | undefined
  standing: Map<number, FloorBike>
  stands: FloorView['stands']
  onClose: () => void
  onMove: (bike: FloorBike, spot: Spot) => void
}) {
  const spots: [string, Spot][] = [
    ['R', { to: 'RACK' }],
    ...stands.map(({ number }): [string, Spot] => [String(number), { to: 'STAND', stand: number }]),
    ['T', { to: 'STRIP' }],
    ['L', { to: 'RAIL' }],
    ['C', { to: 'GONE' }],
  ]
  const [leaving, setLeaving] = useState(false)
  const [reason, setReason] = useState('')
  const close = () => {
    setLeaving(false)
    setReason('')
    onClose()
  }
  const choose = (spot: Spot) => {
    if (!bike) return
    // A finished bike is collected; any other leaves with a reason.
    if (spot.to === 'GONE' && bike.job.place !== 'RAIL') setLeaving(true)
    else onMove(bike, spot)
  }
  useEffect(() => {
    if (!bike || leaving) return
    const pressed = (e: KeyboardEvent) => {
      const spot = spots.find(([key]) => key === e.key.toUpperCase())?.[1]
      if (spot) {
        e.preventDefault()
        e.stopPropagation()
        choose(spot)
      }
    }
    window.addEventListener('keydown', pressed, true)
    return () => window.removeEventListener('keydown', pressed, true)
  })
  return (
    <Dialog
      open={bike !== undefined}
      onClose={close}
      title={`Move ${bike?.job.number ?? ''} ${bike?.job.bike ?? ''}`}
      hint="Press its key, or choose."
    >
      {leaving ? (
        <form
          onSubmit={(e) => {
            e.preventDefault()
            if (bike) onMove(bike, { to: 'GONE', reason })
            setLeaving(false)
            setReason('')
          }}
        >
          <Field
            label="Why does it leave as it is?"
            hint="never came, customer thinks again …"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            autoFocus
          />
          <div className="mt-4 flex gap-2">
            <Button type="submit" disabled={reason.trim() === ''}>
              Give it back
            </Button>
            <Button look="quiet" onClick={() => setLeaving(false)}>
              Keep it
            </Button>
          </div>
        </form>
      ) : (
        <>
          {bike?.job.place === 'RAIL' && <StillToPay job={bike.job.number} />}
          <ul className="grid grid-cols-2 gap-2">
            {spots.map(([key, spot]) => {
              const holder = spot.stand ? standing.get(spot.stand) : undefined
              const stand = stands.find((s) => s.number === spot.stand)
              return (
                <li key={key}>
                  <button
                    type="button"
                    onClick={() => choose(spot)}
                    className="flex min-h-11 w-full items-center gap-3 border border-manila-line bg-paper px-3 text-left hover:bg-paint-pale"
                  >
                    <kbd className="figure border border-ink/40 px-1.5 font-bold">{key}</kbd>
                    {spot.to === 'GONE' ? (bike?.job.place === 'RAIL' ? 'collected' : 'leaves as it is') : spotName(spot)}
                    {stand && !holder && (
                      <span className="ml-auto text-right text-[12px] leading-tight text-soft">
                        {stand.holds}
                        {stand.ratedKg !== undefined && <span className="figure block">up to {stand.ratedKg} kg</span>}
                      </span>
                    )}
                    {holder && <span className="ml-auto text-[12px] text-soft">holds {holder.job.number}</span>}
                  </button>
                </li>
              )
            })}
          </ul>
        </>
      )}
    </Dialog>
  )
}
