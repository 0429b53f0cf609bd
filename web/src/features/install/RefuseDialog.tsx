import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { TakePicture } from '../photo/TakePicture'

export interface Found {
  found: string
  photo?: number
}

/** The second person does not accept what was done: what was found, with a picture where words are not enough. */
export function RefuseDialog({
  job,
  title,
  doer,
  onClose,
  onRefuse,
}: {
  job: number
  title: string
  doer: string
  onClose: () => void
  onRefuse: (found: Found) => void
}) {
  const [found, setFound] = useState('')
  const [photo, setPhoto] = useState<number>()
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Not good: ${title}`}
      hint={`${doer} does it again. What was read stays written down; nothing that stands on this step may start.`}
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          onRefuse({ found: found.trim(), photo })
        }}
      >
        <textarea
          aria-label="What was found"
          placeholder="What was found?"
          autoFocus
          rows={4}
          maxLength={280}
          value={found}
          onChange={(e) => setFound(e.target.value)}
          className="w-full border border-ink/60 bg-paper px-3 py-2 text-[16px]"
        />
        <TakePicture job={job} subject="not-accepted" caption={found} taken={photo !== undefined} onTaken={setPhoto} />
        <div className="flex gap-2">
          <Button type="submit" look="danger" disabled={found.trim() === ''} className="min-h-12">
            Send it back
          </Button>
          <Button look="quiet" onClick={onClose} className="min-h-12">
            Look again
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
