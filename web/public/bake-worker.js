// Keeps what is open at the bench for when there is no network: the pages of Bake as they were last, and what they are made of.
// What is put down there waits in the browser by itself (web/screens/bake/useBatch.ts); nothing is sent from here.
const shelf = 'fair-tin bake'
/** A kitchen's network that answers no sooner is as good as none. */
const patience = 5000

const isPage = url => url.pathname === '/bake' || url.pathname.startsWith('/bake/')
const isMade = url => url.pathname.startsWith('/_next/static/')
const isBooks = url => url.pathname === '/api/v1/books'

/** The newest there is; without network the one that was kept. What leads to the door is no page of Bake. */
async function newest(request) {
  const kept = await caches.open(shelf)
  const before = await kept.match(request.url)
  try {
    // what was never kept is waited for as long as it takes
    const answer = await fetch(request, before ? { signal: AbortSignal.timeout(patience) } : {})
    if (answer.ok && !answer.redirected) await kept.put(request.url, answer.clone())
    return answer
  } catch (error) {
    if (before) return before
    throw error
  }
}
/** The oldest go: other builds, batches long baked. */
const most = 400
async function trim() {
  const kept = await caches.open(shelf)
  const all = await kept.keys()
  await Promise.all(all.slice(0, Math.max(0, all.length - most)).map(one => kept.delete(one)))
}
/** Named by what is in it, so it never changes. */
async function once(request) {
  const kept = await caches.open(shelf)
  const before = await kept.match(request.url)
  if (before) return before
  const answer = await fetch(request)
  if (answer.ok) await kept.put(request.url, answer.clone())
  return answer
}

self.addEventListener('install', event => event.waitUntil(self.skipWaiting()))
self.addEventListener('activate', event => event.waitUntil(self.clients.claim()))
self.addEventListener('fetch', event => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin) return
  if (isMade(url)) event.respondWith(once(request))
  else if ((request.mode === 'navigate' && isPage(url)) || isBooks(url)) event.respondWith(newest(request))
})
/** A page that was open before the worker was: what it is made of is fetched once more, and kept. */
self.addEventListener('message', event => {
  const addresses = Array.isArray(event.data?.keep) ? event.data.keep : []
  event.waitUntil(
    Promise.allSettled(
      addresses
        .map(one => new URL(one, self.location.origin))
        .filter(url => url.origin === self.location.origin && (isPage(url) || isMade(url) || isBooks(url)))
        .map(url => (isMade(url) ? once(new Request(url)) : newest(new Request(url, { credentials: 'same-origin' })))),
    ).then(trim),
  )
})
