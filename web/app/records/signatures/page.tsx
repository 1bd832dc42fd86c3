import { rulesAsRead } from '@fair-tin/core/market'
import { lastSignOffs, listProducts } from '@fair-tin/data'
import { reading, timeZone } from '../../../bakery'
import { Signatures } from '../../../screens/records/Signatures'

export const metadata = { title: 'Signatures' }
const most = 200

export default async function SignaturesPage() {
  const [rows, products] = await reading(sql => Promise.all([lastSignOffs(sql, most), listProducts(sql)]))
  const names = new Map(products.values.map(one => [one.id, one.name]))
  const told = (iso: string) =>
    new Date(iso).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone: timeZone() })
  return (
    <Signatures
      full={rows.length === most}
      rows={rows.map(({ product, at, ...one }) => ({
        ...one,
        at: told(at),
        product: { id: product, name: names.get(product) ?? product },
        title: rulesAsRead(one.market).title,
      }))}
    />
  )
}
