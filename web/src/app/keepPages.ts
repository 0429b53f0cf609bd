/** Has the browser keep the page and what it loaded, for when it is loaded anew without a network. Browsers allow it on this machine and over HTTPS only. */
export async function keepPages() {
  if (import.meta.env.DEV || !('serviceWorker' in navigator)) return
  await navigator.serviceWorker.register('/sw.js')
  const { active } = await navigator.serviceWorker.ready
  const loaded = performance.getEntriesByType('resource').map((r) => new URL(r.name))
  active?.postMessage(loaded.filter((u) => u.origin === location.origin && u.pathname.startsWith('/assets/')).map((u) => u.pathname))
}
