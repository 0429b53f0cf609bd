import { useSession } from '../features/session/useSession'
import { cx } from '../ui/cx'

/** Says that all of it is made up: on every screen of the demo, and on none of a shop. */
export function DemoWord({ className }: { className?: string }) {
  const shop = useSession().data?.shop
  return shop?.demo ? (
    <span
      title="All of it is made up: people, bikes, kits, prices. A shop of your own is opened with ./yard open."
      className={cx('label inline-flex h-6 shrink-0 items-center bg-paint px-2 text-[12.5px] whitespace-nowrap text-ink', className)}
    >
      demo: made up
    </span>
  ) : null
}
