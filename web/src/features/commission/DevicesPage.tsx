import { useState } from 'react'
import { answered, api } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { Button } from '../../ui/Button'
import { useToast } from '../../ui/toastContext'
import { WrenchList } from './WrenchList'

const DEVICES: ['wrench' | 'meter', string, string, string][] = [
  ['wrench', 'Torque wrench', 'N·m', '90'],
  ['meter', 'Bench meter', 'V', '38.4'],
]

/** Simulated wrench and meter: what they send lies ready at the stand for three minutes. */
export function DevicesPage() {
  const toast = useToast()
  const replay = useCommand((csv: string) => answered(api.POST('/api/devices/replay', { body: { csv } })))
  return (
    <div className="mx-auto w-full max-w-[940px] px-6 py-4">
      <h1 className="text-[26px]">Wrench and meter</h1>
      <p className="max-w-[70ch] text-soft">
        Simulated devices. A reading that is sent from here is taken at the stand with one tap, as a real one would be. For learning and
        trying.
      </p>
      <div className="mt-4 grid grid-cols-2 gap-4">
        {DEVICES.map(([device, name, unit, usual]) => (
          <Device
            key={device}
            device={device}
            name={name}
            unit={unit}
            usual={usual}
            onSent={(v) => toast.done(`${name}: ${v} ${unit} sent.`)}
          />
        ))}
      </div>
      <label className="mt-4 flex items-center gap-3 bg-paper px-5 py-4 text-[14px]">
        <span className="flex-1">
          <b>Play readings from a file</b>, a line each: device, value, unit. A wrong line refuses all of it.
        </span>
        <span className="border border-ink/60 px-3 py-2 font-semibold">Choose the file</span>
        <input
          type="file"
          accept=".csv,text/csv"
          aria-label="Readings file"
          className="sr-only"
          onChange={(e) =>
            void e.target.files?.[0]?.text().then((csv) => replay.mutate(csv, { onSuccess: (n) => toast.done(`${n} readings sent.`) }))
          }
        />
      </label>
      <WrenchList />
    </div>
  )
}

function Device({
  device,
  name,
  unit,
  usual,
  onSent,
}: {
  device: 'wrench' | 'meter'
  name: string
  unit: string
  usual: string
  onSent: (value: string) => void
}) {
  const [value, setValue] = useState(usual)
  const send = useCommand((v: number) =>
    answered(api.POST('/api/devices/{device}/readings', { params: { path: { device } }, body: { value: v, unit } })),
  )
  return (
    <form
      className="bg-night p-5 text-night-text"
      onSubmit={(e) => {
        e.preventDefault()
        send.mutate(Number(value), { onSuccess: () => onSent(value) })
      }}
    >
      <h2 className="text-[16px] font-normal text-night-soft">{name}</h2>
      <label className="mt-1 flex items-baseline gap-3">
        <input
          aria-label={name}
          inputMode="decimal"
          value={value}
          onChange={(e) => setValue(e.target.value)}
          className="w-full bg-transparent text-[58px] leading-none font-extrabold [font-stretch:84%] outline-offset-4"
        />
        <span className="text-[22px]">{unit}</span>
      </label>
      <Button type="submit" disabled={value.trim() === '' || Number.isNaN(Number(value))} className="mt-3 min-h-12 w-full">
        Send the reading
      </Button>
    </form>
  )
}
