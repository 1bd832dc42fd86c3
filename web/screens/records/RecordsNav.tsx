// The kinds of records there are.
import Link from 'next/link'

const kinds = [
  { key: 'batches', href: '/records', name: 'Batches' },
  { key: 'trace', href: '/records/trace', name: 'Where a lot went' },
  { key: 'signatures', href: '/records/signatures', name: 'Signatures' },
  { key: 'cleaning', href: '/bake/cleaning', name: 'Cleaning' },
  { key: 'journal', href: '/records/journal', name: 'Journal' },
] as const

export const RecordsNav = ({ here }: { here: (typeof kinds)[number]['key'] }) => (
  <nav aria-label="Records" className="flex flex-wrap gap-x-4">
    {kinds.map(({ key, href, name }) =>
      key === here ? (
        <b key={key} aria-current="page">
          {name}
        </b>
      ) : (
        <Link key={key} href={href} className="word-link">
          {name}
        </Link>
      ),
    )}
  </nav>
)
