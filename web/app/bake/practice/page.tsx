import { listPractice } from '@fair-tin/data'
import { reading, timeZone, today } from '../../../bakery'
import { Practice } from '../../../screens/bake/practice/Practice'

export const metadata = { title: 'Practice' }
export default async function PracticePage() {
  return (
    <Practice seed={Math.random()} done={await reading(sql => listPractice(sql))} today={today()} zone={timeZone()} />
  )
}
