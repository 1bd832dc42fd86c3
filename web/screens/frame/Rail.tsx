// The stations, in the order of work.
'use client'
import {
  BookOpenCheck,
  ClipboardList,
  CookingPot,
  NotebookPen,
  Signature,
  SlidersHorizontal,
  Sun,
  Warehouse,
} from 'lucide-react'
import Link from 'next/link'
import { usePathname } from 'next/navigation'

const stations = [
  { name: 'Today', at: '/', Icon: Sun },
  { name: 'Recipes', at: '/recipes', Icon: NotebookPen },
  { name: 'Larder', at: '/larder', Icon: Warehouse },
  { name: 'Orders', at: '/orders', Icon: ClipboardList },
  { name: 'Bake', at: '/bake', Icon: CookingPot },
  { name: 'Labels', at: '/labels', Icon: Signature },
  { name: 'Records', at: '/records', Icon: BookOpenCheck },
  { name: 'Kitchen', at: '/kitchen', Icon: SlidersHorizontal },
]
/** Benches belong to the recipes. */
const stationOf = (here: string): string => here.replace(/^\/(?:products|parts)(?=\/)/, '/recipes')

export function Rail() {
  const here = stationOf(usePathname())
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
      {stations.map(({ name, at, Icon }) => {
        const on = at === '/' ? here === '/' : here.startsWith(at)
        return (
          <Link
            key={at}
            href={at}
            aria-current={on ? 'page' : undefined}
            className={`flex min-h-[50px] w-full flex-col items-center justify-center rounded-xl text-[12.5px] max-md:text-[11px] outline-offset-[-3px] focus-visible:outline-white ${on ? 'bg-page font-semibold text-ink' : 'hover:bg-white/10'}`}
          >
            <Icon size={20} strokeWidth={1.7} aria-hidden />
            {name}
          </Link>
        )
      })}
    </nav>
  )
}
