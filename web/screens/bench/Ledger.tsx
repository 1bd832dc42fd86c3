// The ledger: recipe, scaling, costing and check in one grid.
'use client'
import { type Assessment, type ClaimResult, nameOfClaim, percent, toPlaces, weighed } from '@fair-tin/core'
import { Popover } from 'radix-ui'
import { moneySign } from '../../ui/money'
import { markWord, VerdictMark, verdictClass } from '../../ui/VerdictMark'
import type { LedgerGroup, LedgerRow } from './ledger'
import { ReasonList } from './ReasonList'

export function Ledger({
  groups,
  assessment,
  currency,
}: {
  groups: LedgerGroup[]
  assessment: Assessment
  currency: string
}) {
  const { claims } = assessment
  const columns = 5 + claims.length
  return (
    <table className="w-full border-collapse text-left">
      <thead className="sticky top-0 z-10 bg-pane">
        <tr className="border-b border-hair align-bottom text-quiet">
          <th className="px-4 py-2 font-normal">Part and line</th>
          <th className="py-2 pr-3 text-right font-normal max-lg:hidden">Written</th>
          <th className="py-2 pr-3 text-right font-normal">Weigh out</th>
          <th className="py-2 pr-3 text-right font-normal max-md:hidden">Of the bowl</th>
          <th className="py-2 pr-2 text-right font-normal max-md:hidden">{moneySign(currency)}</th>
          {claims.map(claim => (
            <th
              key={claim.claim}
              className="w-[64px] px-0.5 py-1.5 text-center last:pr-3 text-[12.5px] leading-tight font-normal"
            >
              {nameOfClaim(claim.claim)
                .split(/[- ](?=\S+$)/)
                .map(word => (
                  <span key={word} className="block">
                    {word}
                  </span>
                ))}
              <span className={`block font-bold ${verdictClass[claim.verdict]}`}>{claim.verdict}</span>
            </th>
          ))}
        </tr>
      </thead>
      {groups.map(group => (
        <tbody key={group.key} className="border-b border-hair">
          <tr>
            <th colSpan={columns} className="px-4 pt-1.5 pb-0.5 font-normal">
              <span
                className={`font-head text-[15px] font-bold ${group.rows.some(row => worst(claims, row.at) === 'breaks') && group.kind === 'release' ? 'text-breaks' : 'text-navy'}`}
              >
                {group.title}
              </span>
              {group.note && <span className="ml-2 text-[13px] text-quiet">{group.note}</span>}
            </th>
          </tr>
          {group.rows.map(row => (
            <Row key={row.at} row={row} claims={claims} />
          ))}
        </tbody>
      ))}
      {claims.some(claim => claim.kitchen !== null) && (
        <tbody>
          <tr>
            <th colSpan={5} className="px-4 pt-1.5 pb-1.5 font-normal">
              <span className="font-head text-[15px] font-bold text-navy">The kitchen itself</span>
              <span className="ml-2 text-[13px] text-quiet">cross-contact</span>
            </th>
            {claims.map(claim => (
              <td key={claim.claim} className="text-center last:pr-3">
                {claim.kitchen && <MarkButton claim={claim} at={-1} name="the kitchen itself" />}
              </td>
            ))}
          </tr>
        </tbody>
      )}
    </table>
  )
}

const worst = (claims: readonly ClaimResult[], at: number) =>
  claims.some(claim => claim.marks[at] === 'breaks') ? 'breaks' : null

function Row({ row, claims }: { row: LedgerRow; claims: ClaimResult[] }) {
  const broken = worst(claims, row.at) === 'breaks'
  const cost = row.cost === null ? null : toPlaces(Number(row.cost), 2)
  return (
    <tr
      className={`h-6 pointer-coarse:h-11 ${broken ? 'bg-breaks-wash shadow-[inset_4px_0_0_var(--color-breaks)]' : ''}`}
    >
      <td className="px-4 py-[1px]">
        {row.name}
        {row.prep && !row.name.includes(row.prep) && <span className="text-quiet">, {row.prep}</span>}
      </td>
      <td className="figure py-[1px] pr-3 text-right text-quiet max-lg:hidden">{row.written}</td>
      <td className="figure py-[1px] pr-3 text-right font-bold whitespace-nowrap">
        {row.line.unweighed ? (
          <span className="font-text font-normal text-unproven" title={row.line.unweighed}>
            no weight
          </span>
        ) : row.line.estimate ? (
          <span className="border-b border-dotted border-unproven" title={row.line.how}>
            ≈ {weighed(row.line.grams)}
          </span>
        ) : (
          weighed(row.line.grams)
        )}
      </td>
      <td className="figure py-[1px] pr-3 text-right max-md:hidden">
        {row.share === null || row.line.unweighed ? '' : percent(row.share)}
      </td>
      <td className="figure py-[1px] pr-2 text-right max-md:hidden">
        {cost ??
          (row.line.role === 'beside' ? (
            ''
          ) : (
            <span className="text-unproven" title="no price, or no weight">
              ?
            </span>
          ))}
      </td>
      {claims.map(claim => (
        <td key={claim.claim} className="text-center last:pr-3">
          {claim.marks[row.at] && <MarkButton claim={claim} at={row.at} name={row.name} />}
        </td>
      ))}
    </tr>
  )
}

/** One mark; opening it shows the reasons, their paths and their proof. */
function MarkButton({ claim, at, name }: { claim: ClaimResult; at: number; name: string }) {
  const mark = at < 0 ? claim.kitchen! : claim.marks[at]!
  const title = `${name}: ${nameOfClaim(claim.claim)} ${markWord[mark]}`
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={title}
        className="inline-flex size-6 items-center justify-center rounded hover:bg-hair/60 pointer-coarse:size-11"
      >
        <VerdictMark mark={mark} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={2}
          collisionPadding={8}
          className="z-50 max-h-[60dvh] w-96 overflow-auto rounded-lg border-2 border-navy bg-pane p-3 shadow-float"
        >
          <p className="font-head font-bold">
            {name}, {nameOfClaim(claim.claim)}: <span className={verdictClass[mark]}>{markWord[mark]}</span>
          </p>
          <ReasonList grounds={at < 0 ? claim.kitchenGrounds : claim.grounds.filter(ground => ground.at === at)} />
          {claim.note && <p className="mt-1 text-[13px] text-quiet">{claim.note}</p>}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
