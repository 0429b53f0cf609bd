import { useRef, useState } from 'react'
import { faultOf } from '../../api/client'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { ChangeForm } from '../customer/ChangeForm'
import { useMay } from '../session/useSession'
import { Letterhead } from './Letterhead'
import { Lines } from './OpeningPage'
import { useChangeFace, useFace, useHangSign, useTakeSignDown, type Face } from './useOpening'

/** Who the shop is on its papers. */
export function FaceSection() {
  const face = useFace()
  const may = useMay()
  const [changing, setChanging] = useState(false)
  return (
    <section aria-label="On papers" className="mt-5">
      <div className="flex min-h-[38px] items-end border-b-2 border-ink pb-0.5">
        <h2 className="text-[19px]">On papers</h2>
        {may('KEEP_SHOP') && !changing && (
          <Button look="quiet" className="ml-auto min-h-8 py-0.5" onClick={() => setChanging(true)}>
            Change name and address
          </Button>
        )}
      </div>
      <Loaded query={face} what="The shop’s name">
        {(f) =>
          changing ? (
            <Change face={f} onDone={() => setChanging(false)} />
          ) : (
            <>
              <Letterhead face={f} sign={picture(f)} />
              <p className="mt-1 text-[13px] text-soft">
                Prices in {f.currency}.{' '}
                {f.terms ? `Terms on quotes and bills: ${f.terms.length} letters.` : 'No terms on quotes and bills.'}
              </p>
            </>
          )
        }
      </Loaded>
    </section>
  )
}

const picture = (f: Face) => (f.sign ? `/api/shop/face/sign?${f.version}` : undefined)

function Change({ face, onDone }: { face: Face; onDone: () => void }) {
  const toast = useToast()
  const [given, setGiven] = useState({
    name: face.name,
    address: face.address,
    telephone: face.telephone,
    taxNumber: face.taxNumber,
    terms: face.terms,
    currency: face.currency,
  })
  const [seen, setSeen] = useState(face.version)
  const change = useChangeFace()
  const hang = useHangSign()
  const down = useTakeSignDown()
  const file = useRef<HTMLInputElement>(null)
  const text = (field: 'name' | 'telephone' | 'taxNumber') => ({
    value: given[field],
    fault: faultOf(change.error, field),
    onChange: (e: { target: { value: string } }) => setGiven({ ...given, [field]: e.target.value }),
  })
  return (
    <div className="border-l-4 border-paint bg-paint-pale px-4 pt-2 pb-4">
      <ChangeForm
        error={change.error}
        pending={change.isPending}
        onLeave={onDone}
        onSave={() =>
          change.mutate(
            { version: seen, ...given },
            {
              onSuccess: () => {
                toast.done('Saved: papers from now on carry it.')
                onDone()
              },
            },
          )
        }
      >
        <div className="grid grid-cols-2 gap-3">
          <Field label="Name of the shop" className="col-span-2" maxLength={80} {...text('name')} />
          <Lines
            label="Address"
            value={given.address}
            fault={faultOf(change.error, 'address')}
            onChange={(address) => setGiven({ ...given, address })}
          />
          <div className="grid content-start gap-3">
            <Field label="Telephone" maxLength={60} {...text('telephone')} />
            <Field label="Tax number" maxLength={60} {...text('taxNumber')} />
          </div>
          <label className="label block text-[14px]">
            Currency
            <select
              value={given.currency}
              onChange={(e) => setGiven({ ...given, currency: e.target.value })}
              className="mt-0.5 block h-10 w-full border border-soft/60 bg-paper px-2 text-[15px] font-normal"
            >
              {face.currencies.map((c) => (
                <option key={c}>{c}</option>
              ))}
            </select>
          </label>
          <div>
            <p className="label text-[14px]">Sign</p>
            <div className="mt-0.5 flex items-center gap-3">
              {picture(face) && <img src={picture(face)} alt="The shop’s sign" className="h-10 w-auto bg-white" />}
              <input
                ref={file}
                type="file"
                accept="image/png,image/jpeg"
                aria-label="A picture of the shop’s sign"
                className="sr-only"
                tabIndex={-1}
                onChange={(e) => {
                  const picked = e.target.files?.[0]
                  if (picked) hang.mutate(picked, { onSuccess: (f) => setSeen(f.version) })
                  e.target.value = ''
                }}
              />
              <Button look="quiet" disabled={hang.isPending} onClick={() => file.current?.click()}>
                {face.sign ? 'Another picture' : 'Choose a picture'}
              </Button>
              {face.sign && (
                <Button
                  look="quiet"
                  disabled={down.isPending}
                  onClick={() => down.mutate(undefined, { onSuccess: (f) => setSeen(f.version) })}
                >
                  Take it down
                </Button>
              )}
            </div>
            {(hang.error ?? down.error) && (
              <p role="alert" className="mt-1 text-[13px] font-semibold text-vermilion">
                {(hang.error ?? down.error)?.message}
              </p>
            )}
          </div>
          <div className="col-span-2">
            <Lines
              label="Terms"
              hint="on quotes and bills"
              most={2000}
              value={given.terms}
              fault={faultOf(change.error, 'terms')}
              onChange={(terms) => setGiven({ ...given, terms })}
            />
          </div>
        </div>
        {faultOf(change.error, 'currency') && <p role="alert">{faultOf(change.error, 'currency')}</p>}
      </ChangeForm>
    </div>
  )
}
