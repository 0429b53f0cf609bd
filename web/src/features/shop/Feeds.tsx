import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api, type Schemas } from '../../api/client'
import { useCommand } from '../../api/useCommand'
import { clock } from '../../quantity/units'
import { Button } from '../../ui/Button'
import { Loaded } from '../../ui/Loaded'
import { useToast } from '../../ui/toastContext'
import type { ShopView, TeamView } from './useShop'

type Feed = Schemas['FeedView']

/** Addresses at which other calendars read the plan. */
export function Feeds({ shop, team }: { shop: ShopView; team: TeamView }) {
  const feeds = useQuery({ queryKey: ['feeds'], queryFn: () => answered(api.GET('/api/plan/feeds')) })
  return (
    <section aria-label="Calendar addresses" className="mt-6">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">The plan in other calendars</h2>
      <p className="my-2 max-w-[74ch] text-[13.5px] text-soft">
        Whoever has an address reads that calendar without signing in: job numbers, bikes and work, no customers. Take an address back and
        nobody reads it any more.
      </p>
      <Loaded query={feeds} what="The calendar addresses">
        {(all) => <List all={all} shop={shop} team={team} />}
      </Loaded>
    </section>
  )
}

function List({ all, shop, team }: { all: Feed[]; shop: ShopView; team: TeamView }) {
  const toast = useToast()
  const queries = useQueryClient()
  const [made, setMade] = useState<string>()
  const [of, setOf] = useState('SHOP ')
  const make = useCommand((given: Schemas['FeedGiven']) => answered(api.POST('/api/plan/feeds', { body: given })))
  const takeBack = useCommand((id: number) => answered(api.DELETE('/api/plan/feeds/{id}', { params: { path: { id } } })), {
    answers: () => ['feeds'],
  })
  return (
    <>
      <ul className="bg-paper text-[14px]">
        {all.map((f) => (
          <li key={f.id} className="flex items-baseline gap-4 border-b border-line px-3 py-1.5">
            <b className="w-[150px]">{f.label}</b>
            <span className="min-w-0 flex-1 text-soft">
              made by {f.by}, {clock(f.at)}; {f.read ? `read ${clock(f.read)}` : 'never read yet'}
            </span>
            <Button
              look="quiet"
              className="min-h-8 py-0.5"
              aria-label={`Take back the address of ${f.label}, made ${clock(f.at)}`}
              onClick={() =>
                takeBack.mutate(f.id, {
                  onSuccess: () => toast.done(`${f.label}: the address is taken back.`),
                })
              }
            >
              Take back
            </Button>
          </li>
        ))}
        {all.length === 0 && <li className="px-3 py-2 text-soft">No address is out.</li>}
      </ul>
      <form
        className="mt-2 flex items-center gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          const [shows, ...name] = of.split(' ')
          make.mutate(
            { shows: shows as Feed['shows'], name: name.join(' ') },
            {
              onSuccess: (m) => {
                setMade(`${window.location.origin}${m.address}`)
                queries.setQueryData(['feeds'], m.all)
              },
            },
          )
        }}
      >
        <select
          aria-label="Whose work the calendar shows"
          className="h-9 border border-soft/60 bg-paper px-2 text-[14px]"
          value={of}
          onChange={(e) => setOf(e.target.value)}
        >
          <option value="SHOP ">The whole shop</option>
          {team.people
            .filter((p) => p.steps)
            .map((p) => (
              <option key={p.username} value={`PERSON ${p.displayName}`}>
                {p.displayName}
              </option>
            ))}
          {shop.stands.map((s) => (
            <option key={s.number} value={`STAND ${s.number}`}>
              Stand {s.number}
            </option>
          ))}
        </select>
        <Button type="submit" look="quiet" className="min-h-9 py-0.5" disabled={make.isPending}>
          Make an address
        </Button>
      </form>
      {made && (
        <p role="status" className="mt-2 border-l-[6px] border-paint bg-paper px-3 py-2 text-[14px]">
          <b>Copy it now; it is not shown again:</b>
          <input
            readOnly
            aria-label="The new calendar address"
            value={made}
            className="mt-1 block w-full border border-soft/60 bg-paper px-2 py-1 font-mono text-[13px]"
            onFocus={(e) => e.target.select()}
          />
        </p>
      )}
    </>
  )
}
