'use client'
import Link from 'next/link'

/** Opens the browser's print window; itself it is not printed. */
export const PrintNow = ({ back }: { back: string }) => (
  <div className="flex gap-2 py-2 print:hidden">
    <button type="button" className="do do-first" onClick={() => window.print()}>
      Print
    </button>
    <Link href={back} className="do">
      Back to the bench
    </Link>
  </div>
)
