// Gives the demo's people their password and PINs, where they have none, and makes the link that signs a browser in as its owner.
// Prints the link's key and who they are, as JSON. Run by `npm run demo` when the application answers.
import { closeDoor, closePool, hasOwner, makeAccount, makeLink, peopleAt, setPin } from '@fair-tin/data'
import { bakery, staff } from './kitchen'

try {
  const there = new Map((await peopleAt(bakery.id)).map(one => [one.id, one]))
  const owner = staff[0]!
  if (!(await hasOwner())) await makeAccount(owner.email!, owner.password!, bakery.id, owner.id)
  for (const { id, pin } of staff) if (there.has(id) && !there.get(id)!.hasPin) await setPin(bakery.id, id, pin)
  console.log(JSON.stringify({ key: await makeLink('sign in', { bakery: bakery.id, staff: owner.id }, 1), who: staff }))
} finally {
  await closeDoor()
  await closePool()
}
