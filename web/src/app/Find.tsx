import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { answered, api } from '../api/client'
import { cx } from '../ui/cx'
import { useKeys } from '../ui/useKeys'

/** Finds a job by number, customer, bike or frame number. */
export function Find({ className }: { className?: string }) {
  const [text, setText] = useState('')
  const [open, setOpen] = useState(false)
  const [at, setAt] = useState(0)
  const input = useRef<HTMLInputElement>(null)
  const navigate = useNavigate()
  useKeys('/', () => input.current?.focus(), { preventDefault: true, useKey: true })
  const found = useQuery({
    queryKey: ['find', text],
    queryFn: () => answered(api.GET('/api/find', { params: { query: { text } } })),
    enabled: text.trim() !== '',
    placeholderData: (before) => before,
  })
  const jobs = text.trim() === '' ? [] : (found.data ?? [])
  const go = (i: number) => {
    const job = jobs[i]
    if (!job) return
    setText('')
    setOpen(false)
    input.current?.blur()
    void navigate(`/jobs/${job.number}/sheet`)
  }
  return (
    <div className={cx('relative w-[290px]', className)}>
      <input
        ref={input}
        role="combobox"
        aria-expanded={open && jobs.length > 0}
        aria-controls="found"
        aria-label="Find a bike, job or customer"
        placeholder="Find a bike, job or customer"
        value={text}
        onChange={(e) => {
          setText(e.target.value)
          setAt(0)
          setOpen(true)
        }}
        onFocus={() => setOpen(true)}
        onBlur={() => setTimeout(() => setOpen(false), 150)}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown') setAt((i) => Math.min(i + 1, jobs.length - 1))
          else if (e.key === 'ArrowUp') setAt((i) => Math.max(i - 1, 0))
          else if (e.key === 'Enter') go(at)
          else if (e.key === 'Escape') {
            setText('')
            input.current?.blur()
          }
        }}
        className="h-[32px] w-full border border-[#3a4d45] bg-[#20302a] px-3 pr-9 text-[14px] text-paper placeholder:text-night-soft"
      />
      <kbd className="pointer-events-none absolute top-[6px] right-2 border border-[#55675f] px-1.5 figure text-[12px] text-night-soft">
        /
      </kbd>
      {open && text.trim() !== '' && (
        <ul id="found" role="listbox" className="absolute top-[38px] z-30 w-[380px] bg-paper text-ink ring-1 ring-ink">
          {jobs.map((j, i) => (
            <li key={j.number} role="option" aria-selected={i === at}>
              <button
                type="button"
                tabIndex={-1}
                onMouseDown={() => go(i)}
                className={cx('grid w-full grid-cols-[48px_1fr_auto] gap-2 px-3 py-2 text-left', i === at && 'bg-paint-pale')}
              >
                <b className="figure">{j.number}</b>
                <span>
                  {j.bike} · {j.customer}
                </span>
                <span className="text-soft">{j.stand ? `stand ${j.stand}` : j.place === 'GONE' ? 'collected' : j.place.toLowerCase()}</span>
              </button>
            </li>
          ))}
          {jobs.length === 0 && !found.isFetching && (
            <li className="px-3 py-2 text-soft">Nothing is called that. Try a job number, a name, a frame number or a kind of bike.</li>
          )}
        </ul>
      )}
    </div>
  )
}
