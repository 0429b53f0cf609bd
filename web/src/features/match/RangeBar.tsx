import type { Schemas } from '../../api/client'

/** Both ranges as two tapes of one scale, and the day's distance as a painted line across them. */
export function RangeBar({
  range,
  told,
  reserve,
  day,
  far,
}: {
  range: Schemas['Reach']
  told: string | undefined
  reserve: number | undefined
  day: number | undefined
  far: number
}) {
  const width = 172
  const x = (km: number) => (Math.min(km, far) / far) * width
  return (
    <span className="block">
      <svg
        width={width}
        height={17}
        viewBox={`0 0 ${width} 17`}
        role="img"
        aria-label={`${Math.round(range.thumb)} km by rule of thumb, ${Math.round(range.physics)} km by physics`}
        className="block"
      >
        <rect width={width} height={17} fill="#DCE1DA" />
        <rect y={2} width={x(range.thumb)} height={5} fill="#14211D" />
        <rect y={10} width={x(range.physics)} height={5} fill="#6d7a73" />
        <path d={`M${x(range.cold)} 9v7`} stroke="#F7F8F3" strokeWidth={2} />
        {day !== undefined && <path d={`M${x(day)} 0v17`} stroke="#14211D" strokeWidth={5} />}
        {day !== undefined && <path d={`M${x(day)} 0v17`} stroke="#E2B437" strokeWidth={3} />}
      </svg>
      <span className="figure mt-px flex justify-between text-[12px]">
        <span
          title={`${Math.round(range.thumb)} km by rule of thumb, ${Math.round(range.physics)} km from the forces; ${Math.round(range.cold)} km in frost`}
        >
          {told}
        </span>
        {reserve !== undefined && (
          <b className={reserve < 0 ? 'text-vermilion' : ''}>
            {reserve < 0 ? `${Math.round(-reserve)} km short` : `${Math.round(reserve)} km spare`}
          </b>
        )}
      </span>
    </span>
  )
}
