import { Outlet } from 'react-router'
import { Loaded } from '../../ui/Loaded'
import { SignInPage } from './SignInPage'
import { useSession } from './useSession'

export function SignedInOnly() {
  const session = useSession()
  return (
    <Loaded query={session} what="The shop">
      {(s) => (s.who ? <Outlet /> : <SignInPage />)}
    </Loaded>
  )
}
