import { MarketCode } from '@fair-tin/core/model'
import { marketInView } from '../../../bakery'
import { matrixOf } from '../../../matrix'
import { MatrixSheet } from '../../../screens/labels/MatrixSheet'

export const metadata = { title: 'Allergen matrix' }
export default async function MatrixPage({ searchParams }: { searchParams: Promise<{ market?: string | string[] }> }) {
  const asked = MarketCode.safeParse((await searchParams).market)
  return <MatrixSheet matrix={await matrixOf(asked.success ? asked.data : await marketInView())} />
}
