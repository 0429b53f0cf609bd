import { useAddPhoto } from './usePhotos'

/** A button that takes a picture of something on a job and hands on its number. */
export function TakePicture({
  job,
  subject,
  caption,
  taken,
  onTaken,
}: {
  job: number
  subject: string
  caption: string
  taken: boolean
  onTaken: (photo: number) => void
}) {
  const add = useAddPhoto(job)
  return (
    <label className="inline-flex min-h-11 items-center">
      <span className="border border-ink/60 bg-paper px-3 py-2 text-[14px] font-semibold">
        {taken ? 'Picture taken' : add.isPending ? 'Taking it in…' : 'Take a picture'}
      </span>
      <input
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        onChange={(e) => {
          const file = e.target.files?.[0]
          if (file) add.mutate({ file, subject, said: { caption } }, { onSuccess: (card) => onTaken(card.id) })
        }}
      />
    </label>
  )
}
