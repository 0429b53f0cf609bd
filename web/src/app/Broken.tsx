import { useRouteError } from 'react-router'
import { Button } from '../ui/Button'

/** A view that broke: says so, loses nothing that was saved, and can be loaded again. */
export function Broken() {
  const error = useRouteError()
  return (
    <div role="alert" className="m-10 max-w-xl border-l-[6px] border-vermilion bg-paper p-6 text-ink">
      <h1 className="text-[24px]">This view broke</h1>
      <p className="mt-1 mb-4 text-soft">What was saved is saved. {error instanceof Error ? error.message : 'No reason was given.'}</p>
      <Button onClick={() => window.location.reload()}>Load it again</Button>
    </div>
  )
}
