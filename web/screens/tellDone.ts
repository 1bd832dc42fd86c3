// Says that something was done, with the way back: a new change that takes it back, never an erasure.
'use client'
import { toast } from 'sonner'

/** `undo` does it, and says what stood in the way. */
export function tellDone(said: string, undo: (() => Promise<object | { problem: string }>) | null): void {
  const takeBack = async () => {
    const answer = await undo!()
    if ('problem' in answer) toast.error(`It is not taken back. ${answer.problem}`)
    else toast('It is taken back.')
  }
  toast(said, undo ? { action: { label: 'Undo', onClick: () => void takeBack() } } : {})
}
