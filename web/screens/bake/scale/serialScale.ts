// A scale on a serial port of this computer, where the browser lets a page use one and the baker chose it.
import { readScaleLine } from '@fair-tin/core/exchange'
import { type LiveScale, speaker } from './scale'

interface Port {
  open: (options: { baudRate: number }) => Promise<void>
  close: () => Promise<void>
  readable: ReadableStream<Uint8Array> | null
}
interface Serial {
  requestPort: () => Promise<Port>
}
const serial = (): Serial | undefined => (navigator as unknown as { serial?: Serial }).serial
export const canUseSerial = (): boolean => serial() !== undefined

/** Null where nothing was chosen. Throws, in words, where the port cannot be opened. */
export async function serialScale(step: number): Promise<LiveScale | null> {
  const port = await serial()
    ?.requestPort()
    .catch(() => null)
  if (!port) return null
  try {
    await port.open({ baudRate: 9600 })
  } catch {
    throw new Error('The scale’s port could not be opened: is another window using it?')
  }
  const { heard, listen, say } = speaker()
  let tare = 0
  let gross = 0
  let closed = false
  const reader = port.readable!.getReader()
  const read = async () => {
    const decoder = new TextDecoder()
    let rest = ''
    try {
      for (;;) {
        const { value, done } = await reader.read()
        if (done) break
        const lines = (rest + decoder.decode(value, { stream: true })).split(/[\r\n]+/)
        // a line without an end in all that is none
        rest = lines.pop()!.slice(-200)
        for (const line of lines) {
          const said = readScaleLine(line)
          if (!said) continue
          gross = said.grams
          say({ grams: Number((gross - tare).toFixed(3)), steady: said.steady })
        }
      }
    } catch {
      // pulled out
    }
    if (!closed) say({ lost: 'The scale does not answer. Type the weight, or connect it again.' })
  }
  void read()
  return {
    name: 'Scale',
    step,
    heard,
    listen,
    tare: () => {
      tare = gross
      say({ grams: 0, steady: true })
    },
    close: () => {
      closed = true
      void reader
        .cancel()
        .then(() => port.close())
        .catch(() => {})
    },
  }
}
