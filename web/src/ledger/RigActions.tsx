import { type RigChoice, rigKey } from '@hoxen/core/rig'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { useToday } from '../day/index.ts'
import { changeRig, noticeDone, noticeFailed, setKept, useGear, useSingle } from '../store/index.ts'
import { Button, buttonLook } from '../ui/index.ts'

interface ActionProps {
  readonly choice: RigChoice
}

/** What can be done with a rig. */
export function RigActions({ choice, mine }: ActionProps & { readonly mine: boolean }) {
  const navigate = useNavigate()
  const makeMine = (): void => {
    changeRig('Make this my rig', { rig: choice }).then(() => {
      noticeDone('It’s your rig now')
      void navigate('/rig')
    }, noticeFailed)
  }
  return (
    <div className="flex flex-wrap gap-2">
      {mine ? (
        <>
          <SendRig choice={choice} />
          <Link to="/rig/card" className={buttonLook('plain')}>
            Printable card
          </Link>
        </>
      ) : (
        <Button weight="strong" onClick={makeMine}>
          Make this my rig
        </Button>
      )}
      <PinRig choice={choice} />
    </div>
  )
}

/** My rig and day as a link; with where the pool lies only when that is asked for. */
function SendRig({ choice }: ActionProps) {
  const today = useToday()
  const items = useGear()?.items
  const [withPlace, setWithPlace] = useState(false)
  const where = today?.day.where
  const placed = where?.by === 'pool' && where.pool.spot !== undefined
  const send = (): void => {
    if (today === undefined || items === undefined) return
    import('../link/index.ts').then((m) => m.shareRig(today, choice, items, withPlace)).catch(noticeFailed)
  }
  return (
    <>
      <Button onClick={send}>Send as a link</Button>
      {placed && (
        <label className="flex min-h-11 items-center gap-2 text-[0.92rem]">
          <input
            type="checkbox"
            checked={withPlace}
            onChange={(event) => setWithPlace(event.target.checked)}
            className="size-4"
          />
          with the pool’s location
        </label>
      )}
    </>
  )
}

/** Keeps the rig to compare others with, or compares it with the one that is kept. */
function PinRig({ choice }: ActionProps) {
  const pinned = useSingle('pinned')
  const isPinned = pinned != null && rigKey(pinned) === rigKey(choice)
  const pin = (): void =>
    void setKept(isPinned ? 'Unpin' : 'Pin a rig', 'pinned', isPinned ? undefined : choice).catch(
      noticeFailed,
    )
  return (
    <>
      <Button aria-pressed={isPinned} onClick={pin}>
        {isPinned ? 'Unpin' : 'Pin to compare'}
      </Button>
      {pinned != null && !isPinned && (
        <Link to={`/match/compare/${rigKey(choice)}`} className={buttonLook('plain')}>
          Compare with the pinned rig
        </Link>
      )}
    </>
  )
}
