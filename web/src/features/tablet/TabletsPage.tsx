import { useState } from 'react'
import { faultOf, type Schemas } from '../../api/client'
import { clock, dayOf } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Dialog } from '../../ui/Dialog'
import { Field } from '../../ui/Field'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import { useShop } from '../shop/useShop'
import { useForgetTabletCode, useLetTabletGo, useTabletCode, useTablets, type TabletsView } from './useTablets'

/** Tablets on the wall: how they reach the shop, which it knows, and letting a lost one go. */
export function TabletsPage() {
  return (
    <div className="mx-auto w-full max-w-[1040px] px-6 pt-4 pb-8">
      <Loaded query={useTablets()} what="The tablets">
        {(t) => <Tablets view={t} />}
      </Loaded>
    </div>
  )
}

function Tablets({ view }: { view: TabletsView }) {
  const [adding, setAdding] = useState(false)
  const [made, setMade] = useState<Schemas['TabletCodeMade']>()
  return (
    <>
      <h1 className="text-[26px]">Tablets</h1>
      <p className="max-w-[70ch] text-[14px] text-soft">
        At a paired tablet, a PIN is enough to sign in, and the bike on its stand opens. Remove a lost tablet here: it then opens for
        nobody.
      </p>
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)_340px] items-start gap-6 max-lg:grid-cols-1">
        <section aria-label="Paired">
          <div className="flex min-h-[38px] items-end border-b-2 border-ink pb-0.5">
            <h2 className="text-[19px]">
              Paired <span className="figure text-[15px] text-soft">{view.tablets.length}</span>
            </h2>
            <Button look="quiet" className="ml-auto min-h-8 py-0.5" onClick={() => setAdding(true)}>
              Pair a tablet
            </Button>
          </div>
          {adding && (
            <NewTablet
              onClose={() => setAdding(false)}
              onMade={(m) => {
                setAdding(false)
                setMade(m)
              }}
            />
          )}
          <Known view={view} />
        </section>
        <Network network={view.network} />
      </div>
      {made && (
        <CodeDialog
          made={made}
          address={view.network?.addresses[0]}
          there={view.tablets.some((t) => t.name === made.name)}
          onClose={() => setMade(undefined)}
        />
      )}
    </>
  )
}

const place = (stand: number | undefined) => (stand === undefined ? 'carried about' : `stand ${stand}`)

function Known({ view }: { view: TabletsView }) {
  const forget = useForgetTabletCode()
  const toast = useToast()
  const [letting, setLetting] = useState<Schemas['TabletView']>()
  return (
    <>
      {view.tablets.length + view.codes.length === 0 && (
        <p className="bg-paper px-4 py-4 text-[14px]">
          None yet. Pair the tablet at each stand: make a code here, then type it at the tablet.
        </p>
      )}
      <ul className="bg-paper text-[14px]">
        {view.tablets.map((t) => (
          <li key={t.id} className="flex min-h-12 items-center gap-4 border-b border-line px-3">
            <b className="min-w-0 flex-1 truncate">{t.name}</b>
            <span className="w-28">{place(t.stand)}</span>
            <span className="w-44 text-[12.5px] text-soft">
              since {dayOf(t.pairedAt)}, by {t.pairedBy}
            </span>
            <Button look="quiet" className="my-1.5 min-h-8 py-0.5" aria-label={`Remove ${t.name}`} onClick={() => setLetting(t)}>
              Remove
            </Button>
          </li>
        ))}
        {view.codes.map((c) => (
          <li key={c.name} className="flex min-h-12 items-center gap-4 border-b border-line px-3 text-soft">
            <b className="min-w-0 flex-1 truncate">{c.name}</b>
            <span className="w-28">{place(c.stand)}</span>
            <span className="w-44 text-[12.5px]">code works until {clock(c.until)}</span>
            <Button
              look="quiet"
              className="my-1.5 min-h-8 py-0.5"
              aria-label={`Cancel the code for ${c.name}`}
              onClick={() => forget.mutate(c.name, { onSuccess: () => toast.done(`The code for ${c.name} no longer works.`) })}
            >
              Cancel code
            </Button>
          </li>
        ))}
      </ul>
      {letting && <Removing tablet={letting} onClose={() => setLetting(undefined)} />}
    </>
  )
}

function Removing({ tablet, onClose }: { tablet: Schemas['TabletView']; onClose: () => void }) {
  const letGo = useLetTabletGo()
  const toast = useToast()
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Remove ${tablet.name}?`}
      hint="Whoever is signed in there is signed out at once, and no PIN opens it. Taps it has not sent yet stay on it. To use it again, pair it again."
    >
      {letGo.error && (
        <p role="alert" className="mb-3 text-[14px] font-semibold text-vermilion">
          {letGo.error.message}
        </p>
      )}
      <div className="flex gap-2">
        <Button
          look="danger"
          disabled={letGo.isPending}
          onClick={() =>
            letGo.mutate(tablet.id, {
              onSuccess: () => {
                toast.done(`${tablet.name} is removed.`)
                onClose()
              },
            })
          }
        >
          Remove
        </Button>
        <Button look="quiet" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </Dialog>
  )
}

function NewTablet({ onClose, onMade }: { onClose: () => void; onMade: (made: Schemas['TabletCodeMade']) => void }) {
  const stands = useShop().data?.stands ?? []
  const [name, setName] = useState('')
  const [stand, setStand] = useState('')
  const [own, setOwn] = useState(false)
  const make = useTabletCode()
  return (
    <form
      noValidate
      aria-label="A tablet to pair"
      className="grid gap-3 border-l-4 border-paint bg-paint-pale px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault()
        make.mutate({ name, ...(stand === '' ? {} : { stand: Number(stand) }) }, { onSuccess: onMade })
      }}
    >
      <div className="grid grid-cols-2 gap-3">
        <label className="block text-[14px]">
          <span className="label">Where it hangs</span>
          <select
            autoFocus
            value={stand}
            onChange={(e) => {
              setStand(e.target.value)
              if (!own) setName(e.target.value === '' ? '' : `Stand ${e.target.value}`)
            }}
            className="mt-0.5 h-10 w-full border border-soft/60 bg-paper px-2 text-[15px]"
          >
            <option value="">Carried about</option>
            {stands.map((s) => (
              <option key={s.number} value={s.number}>
                Stand {s.number}
                {s.name && `, ${s.name}`}
              </option>
            ))}
          </select>
        </label>
        <Field
          label="Name"
          maxLength={40}
          value={name}
          onChange={(e) => {
            setOwn(true)
            setName(e.target.value)
          }}
          fault={faultOf(make.error, 'name')}
        />
      </div>
      {make.error && !faultOf(make.error, 'name') && (
        <p role="alert" className="text-[14px] font-semibold text-vermilion">
          {make.error.message}
        </p>
      )}
      <div className="flex gap-2">
        <Button type="submit" disabled={make.isPending}>
          Make a code
        </Button>
        <Button look="quiet" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </form>
  )
}

function CodeDialog({
  made,
  address,
  there,
  onClose,
}: {
  made: Schemas['TabletCodeMade']
  address: string | undefined
  there: boolean
  onClose: () => void
}) {
  return (
    <Dialog
      open
      onClose={onClose}
      title={there ? `${made.name} is paired` : `Code for ${made.name}`}
      hint={there ? 'It shows the names of everybody with a PIN.' : `Works once, until ${clock(made.until)}. It is not shown again.`}
    >
      {!there && (
        <>
          <p className="bg-night py-5 text-center figure text-[32px] font-bold tracking-wide text-paint">{made.code}</p>
          <ol className="mt-3 grid list-decimal gap-1 pl-5 text-[14px]">
            <li>
              At the tablet, open <b>{address ?? 'Hinge Yard'}</b>.
            </li>
            <li>
              Under the sign-in, choose <b>Pair this tablet</b>.
            </li>
            <li>Type the code.</li>
          </ol>
        </>
      )}
      <Button className="mt-4" onClick={onClose}>
        Close
      </Button>
    </Dialog>
  )
}

/** Where the shop is reached from, and what a tablet has to know first. */
function Network({ network }: { network: TabletsView['network'] }) {
  if (!network)
    return (
      <section aria-label="Network" className="bg-paper px-4 pt-2 pb-4 text-[14px]">
        <h2 className="text-[17px]">Only this machine reaches the shop</h2>
        <p className="mt-1">
          For tablets, whoever looks after this machine starts it with its address on the shop’s network. It makes its own certificate;
          nothing goes over the network without one.
        </p>
        <p className="mt-2 bg-floor px-2 py-1.5 figure text-[13px]">YARD_BIND=192.168.7.10 ./yard open</p>
      </section>
    )
  return (
    <section aria-label="Network" className="bg-paper px-4 pt-2 pb-4 text-[14px]">
      <h2 className="text-[17px]">A tablet’s first time</h2>
      {network.root ? (
        <>
          <p className="mt-1">
            It must trust the shop’s certificate. Point its camera here, or open <b className="break-all">{network.roots[0]}</b>.
          </p>
          {network.rootQr && (
            <img
              alt={`QR code of ${network.roots[0]}`}
              className="my-3 size-[168px]"
              src={`data:image/svg+xml;utf8,${encodeURIComponent(network.rootQr)}`}
            />
          )}
          <p>Compare its fingerprint there with this one:</p>
          <p className="mt-1 bg-floor px-2 py-1.5 figure text-[12.5px] leading-5 break-all">{network.root}</p>
        </>
      ) : (
        <p className="mt-1">The certificate is one of the shop’s own: tablets need nothing but the address.</p>
      )}
      <h3 className="mt-3 font-bold">Then the shop is at</h3>
      <ul>
        {network.addresses.map((a) => (
          <li key={a} className="break-all">
            {a}
          </li>
        ))}
      </ul>
      <p className="mt-2 text-[12.5px] text-soft">
        Certificate valid until {dayOf(network.until)}
        {network.root && '; it is renewed by itself thirty days before'}.
      </p>
    </section>
  )
}
