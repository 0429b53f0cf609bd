import { Link } from 'react-router'
import { cx } from '../../ui/cx'
import { benchOfPart } from './kinds'

/** The files of a part that the shop makes, and the bench where its measures may be altered. */
export function MadeFiles({ kind, measures, job, large }: { kind: string; measures: number[]; job: number; large?: boolean }) {
  const link = cx('inline-flex items-center underline underline-offset-2', large ? 'min-h-12 px-1' : 'min-h-6')
  const query = `?measures=${measures.join(',')}`
  return (
    <span className={cx('inline-flex flex-wrap items-center gap-x-3', large ? 'text-[17px]' : 'text-[12.5px]')}>
      <a className={link} href={`/api/bench/parts/${kind}/stl${query}`}>
        STL
      </a>
      <a className={link} href={`/api/bench/parts/${kind}/3mf${query}`}>
        3MF
      </a>
      <Link className={link} to={benchOfPart(kind, measures, job)}>
        look at it
      </Link>
    </span>
  )
}
