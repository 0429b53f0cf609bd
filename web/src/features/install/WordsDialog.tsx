import { useState } from 'react'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'

/** A few words by thumb: usual ones at a touch, the rest typed. */
export function WordsDialog({
  title,
  hint,
  usual,
  most,
  act,
  onSay,
  onClose,
}: {
  title: string
  hint: string
  usual: string[]
  most: number
  act: string
  onSay: (words: string) => void
  onClose: () => void
}) {
  const [words, setWords] = useState('')
  return (
    <Dialog open onClose={onClose} title={title} hint={hint}>
      <div className="flex flex-wrap gap-2">
        {usual.map((u) => (
          <button
            key={u}
            type="button"
            onClick={() => setWords((w) => (w ? `${w.trimEnd()}\n${u}: ` : `${u}: `))}
            className="min-h-12 border border-ink/60 bg-paper px-3.5 font-semibold"
          >
            {u}
          </button>
        ))}
      </div>
      <form
        className="mt-3"
        onSubmit={(e) => {
          e.preventDefault()
          onSay(words.trim())
        }}
      >
        <textarea
          aria-label={title}
          autoFocus
          rows={5}
          maxLength={most}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          className="w-full border border-ink/60 bg-paper px-3 py-2 text-[16px]"
        />
        <div className="mt-3 flex gap-2">
          <Button type="submit" disabled={words.trim() === ''} className="min-h-12">
            {act}
          </Button>
          <Button look="quiet" onClick={onClose} className="min-h-12">
            Leave it
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
