import { useId, useState } from 'react'
import { Link } from 'react-router'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { useAddPhoto, useRemovePhoto, type PhotoCard } from './usePhotos'

/** Pictures of one thing, and a way to take another. A side photo opens for measuring. */
export function PhotoStrip({ job, photos, subject, what, mayAdd, height = 58, className }: {
  job: number
  photos: PhotoCard[]
  subject: string
  what: string
  mayAdd: boolean
  height?: number
  className?: string
}) {
  const id = useId()
  const add = useAddPhoto(job)
  const remove = useRemovePhoto(job)
  const [shown, setShown] = useState<PhotoCard>()
  return (
    <div className={cx('flex flex-wrap items-stretch gap-1.5', className)}>
      {photos.map((p) => (
        <button key={p.id} type="button" data-photo={p.id} onClick={() => setShown(p)} className="ring-1 ring-line hover:ring-ink" style={{ height }}>
          <img src={`/api/photos/${p.id}/small`} alt={p.caption || `${what}, by ${p.by}`} className="h-full w-auto" loading="lazy" />
        </button>
      ))}
      {mayAdd && (
        <label htmlFor={id} className="flex cursor-pointer items-center gap-1.5 border border-dashed border-ink/50 px-3 text-[12.5px] hover:bg-paint-pale has-focus-visible:outline-3 has-focus-visible:outline-ink" style={{ minHeight: Math.max(32, height) }}>
          <input
            id={id}
            type="file"
            accept="image/jpeg,image/png"
            capture="environment"
            className="sr-only"
            aria-label={`Add a photo: ${what}`}
            onChange={(e) => {
              const file = e.target.files?.[0]
              if (file) add.send(file, subject)
              e.target.value = ''
            }}
          />
          {add.isPending ? 'Taking it in …' : photos.length === 0 ? `+ ${what}` : '+ photo'}
        </label>
      )}
      <Dialog open={shown !== undefined} onClose={() => setShown(undefined)} title={shown?.caption || what} hint={shown && `${shown.by}, ${clock(shown.at)}`} wide>
        {shown && (
          <>
            <img src={`/api/photos/${shown.id}/picture`} alt={shown.caption || what} className="max-h-[60vh] w-full object-contain" />
            <div className="mt-3 flex gap-2">
              {mayAdd && (shown.subject === 'side' || shown.subject === 'bike') && (
                <Link to={`/photos/${shown.id}`}>
                  <Button tabIndex={-1}>Measure from it</Button>
                </Link>
              )}
              {mayAdd && (
                <Button look="quiet" onClick={() => remove.mutate(shown.id, { onSuccess: () => setShown(undefined) })}>
                  Take it away
                </Button>
              )}
              <Button look="quiet" hotkey="Esc" onClick={() => setShown(undefined)}>
                Close
              </Button>
            </div>
          </>
        )}
      </Dialog>
    </div>
  )
}
