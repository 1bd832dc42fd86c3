// A picture sent to be drawn anew and kept: once, however often it is sent.
import type { PictureNote } from '@fair-tin/data'
import { ask } from './ask'
import type { Deed } from './deed'

const mostBytes = 3_000_000

export async function askPicture(
  kind: PictureNote['kind'],
  file: File,
  deed: Pick<Deed, 'id' | 'answered'>,
): Promise<{ id: string; pictures: PictureNote[] } | { problem: string }> {
  if (file.size > mostBytes) return { problem: `${file.name} is over 3 MB. Keep a smaller one.` }
  const bytes = new Uint8Array(await file.arrayBuffer())
  let text = ''
  for (let at = 0; at < bytes.length; at += 30_000) text += String.fromCharCode(...bytes.subarray(at, at + 30_000))
  const id = deed.id()
  const said = await ask<{ pictures: PictureNote[] }>(
    '/api/v1/pictures',
    { id, kind, name: file.name.slice(0, 120) || 'picture', base64: btoa(text) },
    deed,
  )
  return 'problem' in said ? said : { id, pictures: said.pictures }
}
