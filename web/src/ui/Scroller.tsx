import { createElement, useEffect, useRef, useState, type HTMLAttributes } from 'react'

const REACHED =
  'a[href],button:enabled:not([tabindex="-1"]),input:enabled,select:enabled,textarea:enabled,summary,[tabindex]:not([tabindex="-1"]):not(:disabled)'

/**
 * A list or a stretch of text that scrolls. While it is longer than its room and nothing within it can be reached by the
 * keyboard, it is a stop itself: the arrows scroll it then. One that fits is no stop.
 *
 * @param hold is given the element, as a ref is; must stay the same function
 */
export function Scroller({
  as = 'div',
  hold,
  ...given
}: HTMLAttributes<HTMLElement> & { as?: 'div' | 'ul' | 'ol' | 'pre' | 'section'; hold?: (it: HTMLElement | null) => void }) {
  const box = useRef<HTMLElement>(null)
  const [alone, setAlone] = useState(false)
  useEffect(() => {
    const it = box.current
    hold?.(it)
    if (!it) return
    const look = () =>
      setAlone((it.scrollHeight > it.clientHeight || it.scrollWidth > it.clientWidth) && it.querySelector(REACHED) === null)
    const room = new ResizeObserver(look)
    const content = new MutationObserver(look)
    room.observe(it)
    content.observe(it, { childList: true, subtree: true, characterData: true })
    look()
    return () => {
      room.disconnect()
      content.disconnect()
      hold?.(null)
    }
  }, [hold])
  return createElement(as, { ...given, ref: box, tabIndex: alone ? 0 : given.tabIndex })
}
