import { rigFromKey, rigKey } from '@hoxen/core/rig'
import { useMemo } from 'react'
import { useNavigate, useParams } from 'react-router'
import { Gone, RigView } from '../../ledger/index.ts'

/** Any rig by its address: looked at and tried out, without touching the one in the strip. */
export function RigPage() {
  const { key = '' } = useParams()
  const choice = useMemo(() => rigFromKey(key), [key])
  const navigate = useNavigate()
  if (choice === undefined) return <Gone />
  return (
    <RigView
      choice={choice}
      mine={false}
      onSwap={(next) => void navigate(`/match/rig/${rigKey(next)}${location.search}`)}
    />
  )
}
