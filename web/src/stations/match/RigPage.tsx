import { changeRigged, rigFromKey, rigKey } from '@hoxen/core/rig'
import { useMemo } from 'react'
import { useNavigate, useParams } from 'react-router'
import { Gone, RigView } from '../../ledger/index.ts'
import { useGear, useJob, useWallet, useWaterChoice } from '../../store/index.ts'

/** Any rig by its address: looked at and tried out, without touching the one in the strip. */
export function RigPage() {
  const { key = '' } = useParams()
  const rig = useMemo(() => rigFromKey(key), [key])
  const gear = useGear()
  const wallet = useWallet()
  const water = useWaterChoice()
  const job = useJob()
  const navigate = useNavigate()
  if (rig === undefined) return <Gone />
  return (
    <RigView
      choice={rig}
      mine={false}
      onSwap={(change) => {
        if (gear === undefined || water === undefined || job === undefined) return
        const { rig: next = rig } = changeRigged({ rig, wallet, water, job }, change, gear.byId)
        void navigate(`/match/rig/${rigKey(next)}${location.search}`)
      }}
    />
  )
}
