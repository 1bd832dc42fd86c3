// The stations, in the order of work.
'use client'
import { NotebookPen, SlidersHorizontal, Sun, Warehouse } from 'lucide-react'
import Link from 'next/link'
import { usePathname } from 'next/navigation'

const stations = [
  { name: 'Today', at: '/', also: '/today', Icon: Sun },
  { name: 'Recipes', at: '/recipes', also: '/products', Icon: NotebookPen },
  { name: 'Larder', at: '/larder', also: '/larder', Icon: Warehouse },
  { name: 'Kitchen', at: '/kitchen', also: '/kitchen', Icon: SlidersHorizontal },
]

export function Rail() {
  const here = usePathname()
  return (
    <nav
      aria-label="Stations"
      className="flex shrink-0 items-center gap-1 bg-navy px-2 text-white max-md:order-last max-md:justify-around md:w-[78px] md:flex-col md:py-2 print:hidden"
    >
      <Link href="/" className="mb-2 text-center font-head text-[17px] leading-[1.05] font-extrabold max-md:hidden">
        Fair
        <br />
        Tin
      </Link>
      {stations.map(({ name, at, also, Icon }) => {
        const on = at === '/' ? here === '/' : here.startsWith(at) || here.startsWith(also)
        return (
          <Link
            key={at}
            href={at}
            aria-current={on ? 'page' : undefined}
            className={`flex min-h-[50px] w-full flex-col items-center justify-center rounded-xl text-[12.5px] outline-offset-[-3px] focus-visible:outline-white ${on ? 'bg-page font-semibold text-ink' : 'hover:bg-white/10'}`}
          >
            <Icon size={20} strokeWidth={1.7} aria-hidden />
            {name}
          </Link>
        )
      })}
    </nav>
  )
}
