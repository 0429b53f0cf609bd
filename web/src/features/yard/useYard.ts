import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api, type Schemas } from '../../api/client'
import { afterMove, readFloor, type DrawnBike, type DrawnFloor } from '../../api/onFloor'
import { useCommand } from '../../api/useCommand'
import { useToast } from '../../ui/toastContext'

/** A bike in its place, with how its job stands. */
export type FloorBike = Omit<DrawnBike, 'standing'> & Omit<Schemas['FloorStanding'], 'job' | 'motor' | 'battery'>
export type FloorView = Omit<Schemas['Floor'], 'bikes'> & { bikes: FloorBike[] }
export type Place = Schemas['OnTag']['place']
export interface Spot {
  to: Place
  stand?: number
  /** Why it leaves as it is. */
  reason?: string
}

export function spotName(spot: Spot): string {
  if (spot.to === 'STAND') return `stand ${spot.stand}`
  return { GATE: 'the gate', RACK: 'the rack', STRIP: 'the test strip', RAIL: 'the rail', GONE: 'its customer', STAND: '' }[spot.to]
}

function laid(floor: DrawnFloor): FloorView {
  return { ...floor, bikes: floor.bikes.map(({ standing, ...bike }) => ({ ...standing, ...bike })) }
}

export function useYard() {
  return useQuery({ queryKey: ['yard'], queryFn: readFloor, select: laid })
}

/** Moves a bike on the floor; a move can be taken back while the floor allows it. */
export function useMove() {
  const toast = useToast()
  const queries = useQueryClient()
  const move = useCommand((m: { job: number } & Spot) =>
    answered(
      api.POST('/api/jobs/{number}/place', { params: { path: { number: m.job } }, body: { to: m.to, stand: m.stand, reason: m.reason } }),
    ).then((moved) => {
      queries.setQueryData<DrawnFloor>(['yard'], (floor) => floor && afterMove(floor, m.job, moved))
      return moved
    }),
  )
  return (bike: FloorBike, spot: Spot) => {
    const { number, place, stand } = bike.job
    move.mutate(
      { job: number, ...spot },
      {
        onSuccess: () => {
          void queries.invalidateQueries({ queryKey: ['sheet', number] })
          const undo =
            place === 'GATE' || spot.to === 'GONE'
              ? undefined
              : { label: 'Undo', run: () => move.mutate({ job: number, to: place, stand }) }
          toast.done(spot.to === 'GONE' ? `Job ${number} is with its customer.` : `Job ${number} is at ${spotName(spot)}.`, undo)
        },
      },
    )
  }
}
