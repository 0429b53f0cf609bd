import { Loaded } from '../../ui/Loaded'
import { useMay } from '../session/useSession'
import { FaceSection } from '../opening/FaceSection'
import { StillMissing } from '../opening/StillMissing'
import { Accounts } from './Accounts'
import { Feeds } from './Feeds'
import { House } from './House'
import { People } from './People'
import { useShop, useTeam } from './useShop'

/** What the shop works with: its people and their skills, its stands, its days. */
export function ShopPage() {
  const shop = useShop()
  const team = useTeam()
  const may = useMay()
  return (
    <div className="px-6 pt-4 pb-8">
      <h1 className="text-[26px]">People, stands and days</h1>
      <div className="mt-3">
        <StillMissing always />
      </div>
      <div className="grid grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)] items-start gap-8 max-lg:grid-cols-1">
        <div>
          <Loaded query={team} what="The people">
            {(t) => <People team={t} />}
          </Loaded>
          {may('KEEP_PEOPLE') && <Accounts />}
          {may('PLAN') && shop.data && team.data && <Feeds shop={shop.data} team={team.data} />}
        </div>
        <div>
          <Loaded query={shop} what="The stands and days">
            {(s) => <House shop={s} />}
          </Loaded>
          <FaceSection />
        </div>
      </div>
    </div>
  )
}
