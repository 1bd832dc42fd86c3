import fc from 'fast-check'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { afterPaint, latest, rest } from './afterPaint'

const frame = 16
beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('requestAnimationFrame', (work: () => void) => setTimeout(work, frame))
  vi.stubGlobal('cancelAnimationFrame', (id: ReturnType<typeof setTimeout>) => clearTimeout(id))
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

test('whatever the pace of the keys: the last one is followed, nothing older after it, and nothing waits for long', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 60 }), pauses => {
      const later = afterPaint()
      const followed: { key: number; at: number }[] = []
      const typed: number[] = []
      for (const [key, pause] of pauses.entries()) {
        vi.advanceTimersByTime(pause)
        typed.push(performance.now())
        later.put(() => followed.push({ key, at: performance.now() }))
        expect(followed.every(one => one.key < key)).toBe(true)
      }
      vi.advanceTimersByTime(latest + frame)
      expect(followed.at(-1)!.key).toBe(pauses.length - 1)
      expect(followed.map(one => one.key)).toEqual([...new Set(followed.map(one => one.key))].sort((a, b) => a - b))
      for (const [key, at] of typed.entries()) {
        const next = followed.find(one => one.key >= key)!
        expect(next.at - at).toBeGreaterThanOrEqual(frame)
        // keys that come faster than frames are drawn put the frame itself off
        const undrawn = typed.filter((one, other) => other > key && one - typed[other - 1]! <= frame).length
        expect(next.at - at).toBeLessThanOrEqual(latest + frame * (1 + undrawn))
      }
    }),
  )
})

test('a hand that types on is not disturbed; what is dropped does not follow', () => {
  const later = afterPaint()
  const work = vi.fn()
  later.put(work)
  vi.advanceTimersByTime(frame + rest - 1)
  expect(work).not.toHaveBeenCalled()
  later.put(work)
  vi.advanceTimersByTime(frame + rest)
  expect(work).toHaveBeenCalledTimes(1)
  later.put(work)
  later.drop()
  vi.advanceTimersByTime(10 * latest)
  expect(work).toHaveBeenCalledTimes(1)
})
