import Link from 'next/link'

export default function Missing() {
  return (
    <div className="m-auto max-w-md text-center">
      <h1 className="text-2xl">There is nothing here.</h1>
      <p className="my-3 text-quiet">It may have been taken out in another window, or the address has a slip in it.</p>
      <Link href="/recipes" className="do do-first">
        Go to Recipes
      </Link>
    </div>
  )
}
