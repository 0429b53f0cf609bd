import { useRef, useState, type PointerEvent } from 'react'
import { Button } from '../../ui/Button'

/** The field a name is drawn on, in its own units; the server knows the same. */
const WIDTH = 600
const HEIGHT = 200
/** Nearer than this a point tells nothing new. */
const NEAR = 3
/** Of the text that is sent; a name takes a tenth of it. */
const LONGEST = 20_000

type Dot = [number, number]

const textOf = (strokes: Dot[][]) => strokes.map((s) => s.map((d) => d.join(',')).join(' ')).join(';')
const pathOf = (strokes: Dot[][]) => strokes.map((s) => `M${s.map((d) => d.join(' ')).join('L')}`).join('')

/** A field to write one's name on with finger, pen or mouse. @param onChange is told the strokes as they are sent; empty while there are none */
export function SignaturePad({ onChange }: { onChange: (drawn: string) => void }) {
  // Moves come faster than pictures: strokes are gathered beside what is shown.
  const strokes = useRef<Dot[][]>([])
  const [path, setPath] = useState('')
  const field = useRef<SVGSVGElement>(null)
  const pen = useRef<number>(undefined)
  const at = (e: PointerEvent): Dot => {
    const box = field.current!.getBoundingClientRect()
    const on = (part: number, most: number) => Math.max(0, Math.min(most, Math.round(part * most)))
    return [on((e.clientX - box.x) / box.width, WIDTH), on((e.clientY - box.y) / box.height, HEIGHT)]
  }
  const become = (all: Dot[][]) => {
    strokes.current = all
    setPath(pathOf(all))
  }
  const draw = (e: PointerEvent) => {
    if (pen.current !== e.pointerId) return
    const stroke = strokes.current.at(-1) ?? []
    const last = stroke.at(-1)
    const here = at(e)
    if (last && Math.hypot(here[0] - last[0], here[1] - last[1]) < NEAR) return
    const next = [...strokes.current.slice(0, -1), [...stroke, here]]
    if (textOf(next).length <= LONGEST) become(next)
  }
  return (
    <div className="mt-2">
      <svg
        ref={field}
        role="img"
        aria-label="Field to sign in"
        data-signature
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="block w-full touch-none border border-ink bg-white"
        onPointerDown={(e) => {
          if (pen.current !== undefined) return
          pen.current = e.pointerId
          e.currentTarget.setPointerCapture(e.pointerId)
          become([...strokes.current, [at(e)]])
        }}
        onPointerMove={draw}
        onPointerUp={(e) => {
          if (pen.current !== e.pointerId) return
          pen.current = undefined
          onChange(textOf(strokes.current.filter((s) => s.length > 1)))
        }}
        onPointerCancel={() => (pen.current = undefined)}
      >
        <path d={`M30 ${HEIGHT - 45}H${WIDTH - 30}`} stroke="#9aa39f" strokeWidth="2" strokeDasharray="6 6" />
        <SignaturePath path={path} />
      </svg>
      <div className="mt-1 flex items-center gap-3 text-[12.5px] text-soft">
        <span className="flex-1">Whoever agreed writes their name here, with finger or pen.</span>
        <Button
          look="quiet"
          className="min-h-8 px-2 py-0.5"
          disabled={path === ''}
          onClick={() => {
            become([])
            onChange('')
          }}
        >
          Clear it
        </Button>
      </div>
    </div>
  )
}

function SignaturePath({ path }: { path: string }) {
  return path === '' ? null : <path d={path} fill="none" stroke="#14211d" strokeWidth="4" strokeLinecap="round" strokeLinejoin="round" />
}

/** A name as it was drawn. @param who whose it is */
export function Signature({ path, who }: { path: string; who: string }) {
  return (
    <svg role="img" aria-label={`Signature: ${who}`} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width="132" height="44" className="bg-white">
      <SignaturePath path={path} />
    </svg>
  )
}
