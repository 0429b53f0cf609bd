import type { ReactNode } from 'react'
import type { ProblemError } from '../../api/client'
import { Button } from '../../ui/Button'

/** Changes what is known of somebody or something: what was refused stands below the fields, and nothing typed is lost by it. */
export function ChangeForm({
  error,
  pending,
  onSave,
  onLeave,
  children,
}: {
  error: ProblemError | null
  pending: boolean
  onSave: () => void
  onLeave: () => void
  children: ReactNode
}) {
  return (
    <form
      noValidate
      onSubmit={(e) => {
        e.preventDefault()
        onSave()
      }}
    >
      {children}
      {error && error.status !== 422 && (
        <p role="alert" className="mt-2 font-semibold text-vermilion">
          {error.message}{' '}
          {error.status === 409 && (
            <button type="button" className="underline underline-offset-2" onClick={onLeave}>
              Show what it is now
            </button>
          )}
        </p>
      )}
      <div className="mt-3 flex gap-3">
        <Button type="submit" disabled={pending}>
          Save
        </Button>
        <Button look="quiet" onClick={onLeave}>
          Cancel
        </Button>
      </div>
    </form>
  )
}
