import Link from 'next/link'
import { notFound } from 'next/navigation'
import { labelFor } from '../../../../label/fromRequest'
import { LabelSvg } from '../../../../label/LabelSvg'
import { PrintNow } from '../../../../screens/bench/PrintNow'

export const metadata = { title: 'Print a label' }
export default async function PrintLabel({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>
  searchParams: Promise<Record<string, string>>
}) {
  const { id } = await params
  const label = await labelFor(id, new URLSearchParams(await searchParams))
  if ('missing' in label) notFound()
  if ('problem' in label)
    return (
      <p role="alert" className="m-6 max-w-xl text-breaks">
        {label.problem}
      </p>
    )
  return (
    <div className="overflow-auto">
      <style>{`@page { size: ${label.layout.width}mm ${label.layout.height}mm; margin: 0 }`}</style>
      <h1 className="py-1 text-xl print:hidden">{label.name}: label to print</h1>
      {label.draft && (
        <p role="status" className="max-w-xl pb-1 text-unproven print:hidden">
          Nobody has signed this label as it stands now, so it is marked as a draft.{' '}
          <Link href={`/labels/${id}/${label.market}`} className="word-link">
            Read it and sign it
          </Link>
        </p>
      )}
      <PrintNow back={`/products/${id}`} />
      <div className="inline-block border border-hair print:border-0">
        <LabelSvg layout={label.layout} trueSize draft={label.draft} />
      </div>
    </div>
  )
}
