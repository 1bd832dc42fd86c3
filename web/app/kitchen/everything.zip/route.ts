// Everything of the bakery, to take along.
import { takeEverything } from '@fair-tin/data'
import { changing, today } from '../../../bakery'
import { bundled } from '../../../everything/bundle'
import { refusal } from '../../api/v1/answer'

export async function GET(): Promise<Response> {
  try {
    const all = await changing('whole bakery', takeEverything)
    return new Response(Buffer.from(bundled(all)), {
      headers: {
        'content-type': 'application/zip',
        'content-disposition': `attachment; filename="everything-${today()}.zip"`,
      },
    })
  } catch (error) {
    return refusal(error)
  }
}
