// Keeps the page and its files in this browser, so that a stand that is loaded anew while the network is away comes up again. What the shop knows is never kept
// here: addresses under /api go past it.
const SHELL = 'yard-shell'
const PAGE = '/'

self.addEventListener('install', (event) => event.waitUntil(caches.open(SHELL).then((cache) => cache.add(PAGE)).then(() => self.skipWaiting())))
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
self.addEventListener('message', (event) => event.waitUntil(keepOnly(event.data)))

self.addEventListener('fetch', (event) => {
  const { request } = event
  const { origin, pathname } = new URL(request.url)
  if (request.method !== 'GET' || origin !== self.location.origin || pathname.startsWith('/api/')) return
  if (request.mode === 'navigate') event.respondWith(page(request))
  else if (pathname.startsWith('/assets/')) event.respondWith(asset(request))
})

/** Keeps the page as it is now with these files, whose names change with what is in them, and lets those of earlier versions go. */
async function keepOnly(files) {
  const cache = await caches.open(SHELL)
  await cache.add(PAGE)
  const kept = (await cache.keys()).map((k) => new URL(k.url).pathname)
  await Promise.all(kept.filter((k) => k !== PAGE && !files.includes(k)).map((k) => cache.delete(k)))
  await Promise.all(files.filter((f) => !kept.includes(f)).map((f) => cache.add(f)))
}

/** Hands do not wait longer for a server that says nothing, ms: a cable that is pulled behind a switch breaks nothing off by itself. */
const SOON = 3000

/** The server's page as long as there is one; every address of a view answers with the same. */
async function page(request) {
  const kept = await caches.match(PAGE)
  if (!kept) return fetch(request)
  try {
    return await fetch(request, { signal: AbortSignal.timeout(SOON) })
  } catch {
    return kept
  }
}

async function asset(request) {
  return (await caches.match(request)) ?? fetch(request)
}
