import { useRef, useState } from 'react'
import { answered, api, ProblemError, type Schemas } from '../../api/client'
import { Button } from '../../ui/Button'

/** Whole days out of a calendar file, put into the form that is open; nothing is saved before that form is. */
export function FromCalendar({ what, onRead }: { what: string; onRead: (days: Schemas['DaysRead'][]) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const [said, setSaid] = useState<{ text: string; bad?: boolean; leftOut?: string[] }>()
  const read = async (file: File) => {
    try {
      const answer = await answered(api.POST('/api/shop/calendar-file', { body: { text: await file.text() } }))
      onRead(answer.days)
      const count = answer.days.length
      setSaid({
        text:
          count === 0
            ? `No whole days from today on in ${file.name}.`
            : `${count} ${count === 1 ? 'entry' : 'entries'} of ${file.name} put in. Save to keep them.`,
        leftOut: answer.leftOut,
      })
    } catch (e) {
      setSaid({ text: `${file.name}: ${e instanceof ProblemError ? e.message : 'it cannot be read'}`, bad: true })
    }
  }
  return (
    <div className="mt-1.5 text-[13.5px]">
      <input
        ref={input}
        type="file"
        accept=".ics,text/calendar"
        aria-label={`A calendar file with ${what}`}
        className="hidden"
        onChange={(e) => {
          const file = e.target.files?.[0]
          e.target.value = ''
          if (file) void read(file)
        }}
      />
      <Button look="quiet" className="min-h-9 py-0.5" onClick={() => input.current?.click()}>
        Read {what} from a calendar file
      </Button>
      {said && (
        <p role={said.bad ? 'alert' : 'status'} className={said.bad ? 'mt-1 font-semibold text-vermilion' : 'mt-1'}>
          {said.text}
        </p>
      )}
      {said?.leftOut?.map((l) => (
        <p key={l} className="text-[12.5px] text-soft">
          Left out: {l}.
        </p>
      ))}
    </div>
  )
}
