import { Outlet, useLocation } from 'react-router'
import { Loaded } from '../../ui/Loaded'
import { OpeningPage } from '../opening/OpeningPage'
import { PairPage } from '../tablet/PairPage'
import { CodePage } from './CodePage'
import { SignInPage } from './SignInPage'
import { useSession } from './useSession'

export function SignedInOnly() {
  const session = useSession()
  const at = useLocation().pathname
  return (
    <Loaded query={session} what="The shop">
      {(s) =>
        s.who ? <Outlet /> : !s.shop.open ? <OpeningPage /> : at === '/code' ? <CodePage /> : at === '/pair' ? <PairPage /> : <SignInPage />
      }
    </Loaded>
  )
}
