import { today } from '../../quantity/units'
import type { OrderLine } from './useOrders'

const DAYS = 22
const WIDTH = 440
const HEIGHT = 34

const noon = (date: string) => new Date(`${date}T12:00:00`)
const at = (date: string) => Math.round((noon(date).getTime() - noon(today()).getTime()) / 86_400_000)

/** The days from today on, Mondays named; what comes stands on its day, what has no day hangs at the end. */
export function DayStrip({ line }: { line: OrderLine }) {
  const step = WIDTH / (DAYS + 1)
  const first = noon(today())
  const said = line.coming.map((c) => `${c.count} on ${c.on}`).join(', ')
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full"
      role="img"
      aria-label={said || (line.open > 0 ? 'no day named' : 'nothing open')}
    >
      {Array.from({ length: DAYS }, (_, d) => {
        const date = new Date(first.getFullYear(), first.getMonth(), first.getDate() + d, 12)
        const weekend = date.getDay() % 6 === 0
        return (
          <g key={d}>
            {weekend && <rect x={d * step} y={4} width={step} height={19} fill="#DCE1DA" />}
            {date.getDay() === 1 && (
              <text x={d * step + 1.5} y={33} fontSize={8.5} fill="#4a5852">
                {date.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}
              </text>
            )}
            {date.getDay() === 1 && <line x1={d * step} x2={d * step} y1={2} y2={26} stroke="#98A39C" strokeWidth={0.8} />}
          </g>
        )
      })}
      <line x1={0} x2={WIDTH} y1={23} y2={23} stroke="#14211D" strokeWidth={1} />
      <path d="M0 0 L5 0 L2.5 4.5 Z" fill="#14211D" />
      {line.coming.map((c) => {
        const d = Math.max(0, Math.min(DAYS - 1, at(c.on)))
        const width = Math.max(step - 2, 9 + String(c.count).length * 7)
        return (
          <g key={c.on} transform={`translate(${Math.min(d * step + 1, WIDTH - width)} 5)`}>
            <rect width={width} height={17} fill={at(c.on) < 0 ? '#A83215' : '#0B5563'} />
            <text x={width / 2} y={12.5} fontSize={11.5} fontWeight={700} textAnchor="middle" fill="#F7F8F3">
              {c.count}
            </text>
          </g>
        )
      })}
      {line.unpromised > 0 && (
        <g transform={`translate(${WIDTH - 34} 5)`}>
          <rect width={33} height={17} fill="none" stroke="#A83215" strokeWidth={1.4} strokeDasharray="3 2" />
          <text x={16.5} y={12.5} fontSize={11.5} fontWeight={700} textAnchor="middle" fill="#A83215">
            {line.unpromised} ?
          </text>
        </g>
      )}
    </svg>
  )
}
