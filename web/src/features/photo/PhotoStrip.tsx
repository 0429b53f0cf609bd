import { useId, useState } from 'react'
import { Link } from 'react-router'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { Dialog } from '../../ui/Dialog'
import { useAddPhoto, useStrikeOut, type PhotoCard } from './usePhotos'

/** Pictures of one thing, and a way to take another. A side photo opens for measuring. */
export function PhotoStrip({
  job,
  photos,
  subject,
  what,
  mayAdd,
  said,
  height = 58,
  className,
}: {
  job: number
  photos: PhotoCard[]
  subject: string
  what: string
  mayAdd: boolean
  /** What is filed with the picture. */
  said?: Record<string, string>
  height?: number
  className?: string
}) {
  const id = useId()
  const add = useAddPhoto(job)
  const [shown, setShown] = useState<PhotoCard>()
  const [striking, setStriking] = useState(false)
  const show = (photo?: PhotoCard) => {
    setShown(photo)
    setStriking(false)
  }
  return (
    <div className={cx('flex flex-wrap items-stretch gap-1.5', className)}>
      {photos.map((p) => (
        <button
          key={p.id}
          type="button"
          data-photo={p.id}
          onClick={() => show(p)}
          className="relative ring-1 ring-line hover:ring-ink"
          style={{ height }}
        >
          <img
            src={`/api/photos/${p.id}/small`}
            alt={`${p.struck ? 'struck out: ' : ''}${p.caption || `${what}, by ${p.by}`}`}
            className={cx('h-full w-auto', p.struck && 'opacity-45 grayscale')}
            loading="lazy"
          />
          {p.struck && (
            <svg aria-hidden viewBox="0 0 100 100" preserveAspectRatio="none" className="absolute inset-0 h-full w-full">
              <path d="M2 98 98 2" stroke="var(--color-vermilion)" strokeWidth={3} vectorEffect="non-scaling-stroke" />
            </svg>
          )}
        </button>
      ))}
      {mayAdd && (
        <label
          htmlFor={id}
          className="flex cursor-pointer items-center gap-1.5 border border-dashed border-ink/50 px-3 text-[12.5px] hover:bg-paint-pale has-focus-visible:outline-3 has-focus-visible:outline-ink"
          style={{ minHeight: Math.max(32, height) }}
        >
          <input
            id={id}
            type="file"
            accept="image/jpeg,image/png"
            capture="environment"
            className="sr-only"
            aria-label={`Add a photo: ${what}`}
            onChange={(e) => {
              const file = e.target.files?.[0]
              if (file) add.send(file, subject, said)
              e.target.value = ''
            }}
          />
          {add.isPending ? 'Taking it in …' : photos.every((p) => p.struck) ? `+ ${what}` : '+ photo'}
        </label>
      )}
      <Dialog
        open={shown !== undefined}
        onClose={() => show()}
        title={shown?.caption || what}
        hint={shown && `${shown.by}, ${clock(shown.at)}`}
        wide
      >
        {shown && (
          <>
            <img
              src={`/api/photos/${shown.id}/picture`}
              alt={shown.caption || what}
              className={cx('max-h-[56vh] w-full object-contain', shown.struck && 'opacity-60 grayscale')}
            />
            {shown.struck && (
              <p className="mt-3 border-l-[6px] border-vermilion bg-vermilion-pale px-4 py-2">
                <b>Struck out</b> by {shown.struck.by}, {clock(shown.struck.at)}: {shown.struck.reason}
              </p>
            )}
            {striking ? (
              <StrikeOut job={job} photo={shown.id} onDone={() => show()} onLeave={() => setStriking(false)} />
            ) : (
              <div className="mt-3 flex gap-2">
                {mayAdd && !shown.struck && (shown.subject === 'side' || shown.subject === 'bike') && (
                  <Link to={`/photos/${shown.id}`}>
                    <Button tabIndex={-1}>Measure from it</Button>
                  </Link>
                )}
                {mayAdd && !shown.struck && (
                  <Button look="quiet" onClick={() => setStriking(true)}>
                    Strike it out
                  </Button>
                )}
                <Button look="quiet" hotkey="Esc" onClick={() => show()}>
                  Close
                </Button>
              </div>
            )}
          </>
        )}
      </Dialog>
    </div>
  )
}

/** Why a picture counts for nothing. It is evidence, so it stays. */
function StrikeOut({ job, photo, onDone, onLeave }: { job: number; photo: number; onDone: () => void; onLeave: () => void }) {
  const strike = useStrikeOut(job)
  const [reason, setReason] = useState('')
  return (
    <form
      className="mt-3 flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        strike.mutate({ id: photo, reason: reason.trim() }, { onSuccess: onDone })
      }}
    >
      <label className="flex-1 text-[14px]">
        Why it counts for nothing
        <input
          autoFocus
          maxLength={400}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
          placeholder="another bike, out of focus …"
          className="mt-0.5 h-10 w-full border border-ink/60 bg-paper px-2.5 text-[15px]"
        />
      </label>
      <Button type="submit" look="danger" disabled={reason.trim() === '' || strike.isPending}>
        Strike it out
      </Button>
      <Button look="quiet" onClick={onLeave}>
        Leave it
      </Button>
    </form>
  )
}
