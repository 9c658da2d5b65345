import type { RankedRig } from '@hoxen/core/match'
import { CHECK_CODES, type Check, rigFromKey, stateRank } from '@hoxen/core/rig'
import { CHECK_TITLES, sayFigure } from '@hoxen/core/words'
import { useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { sayScore, useQuestion, useRig } from '../../ledger/index.ts'
import { useSingle } from '../../store/index.ts'
import { buttonLook, Empty, StateMark, useUnits } from '../../ui/index.ts'

/** Two ledgers side by side: the pinned rig and another. */
export function ComparePage() {
  const { key = '' } = useParams()
  const choice = useMemo(() => rigFromKey(key), [key])
  const question = useQuestion()
  const pinned = useSingle('pinned')
  const left = useRig(question, pinned)
  const right = useRig(question, choice)
  if (question === undefined || pinned === undefined) return <p className="py-10 text-faint">Opening…</p>
  if (left === undefined || left === 'gone' || right === undefined || right === 'gone')
    return (
      <Empty
        title="Nothing to compare"
        action={
          <Link to="/match" className={buttonLook('strong')}>
            Match
          </Link>
        }
      >
        Pin one rig, then open another and compare.
      </Empty>
    )
  return <TwoLedgers left={left} right={right} />
}

function TwoLedgers({ left, right }: { readonly left: RankedRig; readonly right: RankedRig }) {
  const find = (rig: RankedRig, code: Check['code']): Check | undefined =>
    rig.checks.find((c) => c.code === code)
  const codes = CHECK_CODES.filter((code) => find(left, code) || find(right, code))
  return (
    <>
      <h1 className="mb-3 text-2xl">Line by line</h1>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[34rem] border-collapse text-left">
          <thead>
            <tr className="border-b border-ink align-bottom">
              <td className="w-1/4 py-2" />
              {[left, right].map((rig, i) => (
                <th key={i === 0 ? 'pinned' : 'other'} scope="col" className="py-2 pr-4 font-normal">
                  <span className="block text-sm text-faint">{i === 0 ? 'Pinned' : 'Against'}</span>
                  <span className="font-display block font-semibold">
                    {rig.parts.rod.name} with {rig.parts.head.head.name}
                  </span>
                  <span className="block text-sm">
                    {[rig.parts.tip?.item.name, rig.parts.leader?.name]
                      .filter((n) => n !== undefined)
                      .join(' · ')}
                  </span>
                  <span className="block text-sm text-faint">{sayScore(rig.score)}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {codes.map((code) => {
              const [a, b] = [find(left, code), find(right, code)]
              const better = stateRank(a?.state ?? 'holds') - stateRank(b?.state ?? 'holds')
              return (
                <tr key={code} className="border-b border-rule align-top">
                  <th scope="row" className="py-2 pr-4 font-medium">
                    {CHECK_TITLES[code]}
                  </th>
                  <Cell check={a} better={better < 0} />
                  <Cell check={b} better={better > 0} />
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </>
  )
}

function Cell({ check, better }: { readonly check: Check | undefined; readonly better: boolean }) {
  const { system } = useUnits()
  if (check === undefined) return <td className="py-2 text-faint">not asked</td>
  return (
    <td className={`py-2 pr-4 ${better ? 'bg-shoal' : ''}`}>
      <span className="flex flex-wrap items-center gap-x-3">
        <StateMark state={check.state} />
        {check.value !== null && <span>{sayFigure(check, check.value, system)}</span>}
      </span>
    </td>
  )
}
