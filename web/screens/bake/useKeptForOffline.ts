// This page and what it is made of, kept in the browser for when there is no network.
'use client'
import { useEffect } from 'react'

const shelf = 'fair-tin bake'
/** Without a worker to be had, the page works as long as it stands open. */
export function useKeptForOffline(): void {
  useEffect(() => {
    const workers = navigator.serviceWorker
    if (!workers) return
    let gone = false
    void workers
      .register('/bake-worker.js', { scope: '/bake' })
      .then(() => workers.ready)
      .then(registration => {
        if (gone) return
        const made = performance.getEntriesByType('resource').map(one => one.name)
        registration.active?.postMessage({ keep: [location.href, '/api/v1/books', ...made] })
      })
      .catch(() => {})
    return () => {
      gone = true
    }
  }, [])
}
/** Whoever comes to the door next finds nothing of whoever was here. */
export async function forgetKept(): Promise<void> {
  try {
    await caches.delete(shelf)
  } catch {
    // nothing was kept
  }
}
