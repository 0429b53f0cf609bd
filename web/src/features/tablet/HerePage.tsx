import { useQuery } from '@tanstack/react-query'
import { Link, Navigate } from 'react-router'
import { readFloor } from '../../api/onFloor'
import { Loaded } from '../../ui/Loaded'
import { useSession } from '../session/useSession'

/** What is on the stand this tablet hangs at: its steps, as soon as there is a bike. */
export function HerePage() {
  const tablet = useSession().data?.tablet
  const floor = useQuery({ queryKey: ['yard'], queryFn: readFloor })
  if (tablet?.stand === undefined) return <Navigate to="/" replace />
  const stand = tablet.stand
  return (
    <Loaded query={floor} what="The floor">
      {(f) => {
        const bike = f.bikes.find((b) => b.job.stand === stand)
        if (bike) return <Navigate to={`/stand/${bike.job.number}`} replace />
        const gone = !f.stands.some((s) => s.number === stand)
        return (
          <div className="m-10">
            <h1 className="text-[28px]">{gone ? `There is no stand ${stand} any more` : `No bike on stand ${stand}`}</h1>
            <p className="mt-2 max-w-[60ch]">
              {gone ? 'Ask a manager for a new code: Tablets, Pair a tablet.' : 'Its steps open here as soon as a bike is on it.'}
            </p>
            <Link to="/" className="mt-5 inline-flex min-h-12 items-center bg-petrol px-5 font-semibold text-paper">
              Go to the yard
            </Link>
          </div>
        )
      }}
    </Loaded>
  )
}
