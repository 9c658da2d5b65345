import { readSent, type SentReading, type Situation } from '@hoxen/core/practise'
import { useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { unpacked } from '../../link/index.ts'
import { buttonLook, Empty, Failed } from '../../ui/index.ts'
import { RoundView } from './RoundView.tsx'
import { useRoundAgain } from './useRounds.ts'

/** A round that somebody sent: the same question, with its own water and gear. */
export function SentRoundPage() {
  const { code = '' } = useParams()
  const reading = useMemo((): SentReading => {
    const text = unpacked(code)
    return text === undefined ? { outcome: 'damaged' } : readSent(text)
  }, [code])
  if (reading.outcome === 'read') return <SentRound situation={reading.situation} />
  return <NoRound newer={reading.outcome === 'newer'} />
}

const NoRound = ({ newer }: { readonly newer: boolean }) => (
  <Empty
    title="This round can’t be opened"
    action={
      <Link to="/practise" className={buttonLook('strong')}>
        Practise
      </Link>
    }
  >
    {newer
      ? 'It was made by a newer version of Hoxen. Update, then open the link again.'
      : 'The link is incomplete or was altered on the way. Ask for it again and copy all of it.'}
  </Empty>
)

function SentRound({ situation }: { readonly situation: Situation }) {
  const { data, error, refetch } = useRoundAgain(situation)
  if (error !== null) return <Failed error={error} retry={() => void refetch()} />
  if (data === null) return <NoRound newer={false} />
  if (data === undefined) return <p className="py-10 text-faint">Opening…</p>
  return (
    <>
      <p className="mx-auto max-w-3xl text-[0.9rem] text-faint">
        A round someone sent you; your answer is not kept.
      </p>
      <RoundView round={data.round} spare={false} onAnswer={() => {}} />
      <p className="mx-auto mt-4 max-w-3xl">
        <Link to="/practise" className={buttonLook('plain')}>
          Practise with your own gear
        </Link>
      </p>
    </>
  )
}
