import { putInto, renamePocket, type Wallet, withoutPocket } from '@hoxen/core/rig'
import type { TipItem } from '@hoxen/core/sink'
import { summarize } from '@hoxen/core/words'
import { useState } from 'react'
import { Link } from 'react-router'
import { ItemDrawing } from '../../drawing/index.ts'
import { takeTip, useTips } from '../../pool/index.ts'
import { changeKept, noticeFailed, useSingle, useWallet } from '../../store/index.ts'
import { Button, buttonLook, Empty, Select, TextField, useUnits } from '../../ui/index.ts'

const change = (label: string, next: (wallet: Wallet) => Wallet): void =>
  void changeKept(label, 'wallet', next).catch(noticeFailed)

/** Pockets a wallet begins with. */
const USUAL = ['left chest pocket', 'right chest pocket', 'bag'] as const

/** Pocket or bag of each tip, what stays on it, and what is on the line now. */
export function WalletView() {
  const wallet = useWallet()
  const rig = useSingle('rig')
  const { tips } = useTips()
  if (tips.length === 0) return <NoTips />
  const on = tips.find(({ id }) => id === rig?.tipId)
  return (
    <section aria-labelledby="wallet-title" className="mt-2">
      <h1 id="wallet-title" className="text-[1.7rem] leading-tight">
        Wallet
      </h1>
      <p className="text-[0.95rem] text-faint">
        {on === undefined ? 'No tip on the line.' : `${on.name} is on the line.`} A tip you take off keeps its
        leader. “This pool” tries the tips you’ve packed
        {wallet.pockets.length === 0 ? ', or every tip if none is.' : '.'}
      </p>
      {groupsOf(wallet, tips).map(([pocket, some]) =>
        some.length === 0 && pocket === undefined ? null : (
          <section key={pocket ?? ''} aria-label={pocket ?? 'Not packed'} className="mt-4">
            {pocket === undefined ? (
              <h2 className="text-lg text-faint">Not packed</h2>
            ) : (
              <PocketHead pocket={pocket} count={some.length} />
            )}
            <ul className="divide-y divide-rule border-y border-rule">
              {some.map((tip) => (
                <TipRow key={tip.id} tip={tip} wallet={wallet} onTheLine={tip === on} rigged={rig != null} />
              ))}
              {some.length === 0 && <li className="py-2 text-faint">empty</li>}
            </ul>
          </section>
        ),
      )}
    </section>
  )
}

const NoTips = () => (
  <Empty
    title="No tips to pack"
    action={
      <Link to="/gear?add" className={buttonLook('strong')}>
        Add tips
      </Link>
    }
  >
    Type “T-11 10 ft” in Gear, or weigh a tip nobody can name; then give each a pocket here.
  </Empty>
)

/** The tips of each pocket, and last those in none. */
const groupsOf = (
  wallet: Wallet,
  tips: readonly TipItem[],
): readonly (readonly [string | undefined, readonly TipItem[]])[] =>
  [...wallet.pockets, undefined].map(
    (pocket) => [pocket, tips.filter(({ id }) => wallet.tips[id]?.pocket === pocket)] as const,
  )

function PocketHead({ pocket, count }: { readonly pocket: string; readonly count: number }) {
  const [naming, setNaming] = useState(false)
  return (
    <div className="flex flex-wrap items-end justify-between gap-x-3">
      {naming ? (
        <TextField
          label="Pocket or bag"
          value={pocket}
          take={(text) => {
            const name = text.trim()
            if (name === '') return 'Give the pocket a name.'
            if (name.length > 80) return 'That name is too long: 80 characters at most.'
            change(`Call a pocket ${name}`, (wallet) => renamePocket(wallet, pocket, name))
            setNaming(false)
            return undefined
          }}
        />
      ) : (
        <h2 className="text-lg">
          {pocket} <span className="text-[0.9rem] font-normal text-faint">{count}</span>
        </h2>
      )}
      <span className="flex">
        <Button weight="quiet" onClick={() => setNaming(!naming)}>
          {naming ? 'Cancel' : 'Rename'}
        </Button>
        <Button
          weight="quiet"
          onClick={() => change(`Remove ${pocket}`, (wallet) => withoutPocket(wallet, pocket))}
        >
          Remove
        </Button>
      </span>
    </div>
  )
}

interface RowProps {
  readonly tip: TipItem
  readonly wallet: Wallet
  readonly onTheLine: boolean
  readonly rigged: boolean
}

const NOWHERE = ''
const ANOTHER = '\n'

function TipRow({ tip, wallet, onTheLine, rigged }: RowProps) {
  const { system } = useUnits()
  const { leaders } = useTips()
  const pouch = wallet.tips[tip.id]
  const leader =
    pouch?.leaderId === undefined
      ? undefined
      : (leaders.find(({ id }) => id === pouch.leaderId)?.name ?? 'no leader on it')
  return (
    <li
      data-tip={tip.id}
      className={`grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1 px-2 py-2 sm:grid-cols-[minmax(0,1fr)_13rem_auto] ${onTheLine ? 'bg-shoal' : ''}`}
    >
      <p className="min-w-0 leading-tight [overflow-wrap:anywhere]">
        <ItemDrawing item={tip} width={180} height={13} />
        <b className="font-semibold">{tip.name}</b>
        <span className="block text-[0.85rem] text-faint">
          {summarize(tip, system)}
          {leader === undefined ? '' : ` · ${leader}`}
        </span>
      </p>
      <div className="max-sm:order-3 max-sm:col-span-2">
        <WhichPocket tip={tip} wallet={wallet} />
      </div>
      {onTheLine ? (
        <span className="text-[0.95rem] font-semibold">on the line</span>
      ) : (
        <Button
          disabled={!rigged}
          aria-label={`Put ${tip.name} on the line`}
          onClick={() => takeTip({ tipId: tip.id, name: tip.name }, true)}
        >
          Put it on
        </Button>
      )}
    </li>
  )
}

/** Puts a tip into a pocket of the wallet, another one, or none. */
function WhichPocket({ tip, wallet }: Pick<RowProps, 'tip' | 'wallet'>) {
  const now = wallet.tips[tip.id]?.pocket
  const pockets = wallet.pockets.length === 0 ? USUAL : wallet.pockets
  const all = new Set([...pockets, ...(now === undefined ? [] : [now])])
  const put = (pocket: string): void => {
    const fresh = pocket === ANOTHER ? `pocket ${wallet.pockets.length + 1}` : pocket
    change(fresh === NOWHERE ? `Unpack ${tip.name}` : `Pack ${tip.name} in ${fresh}`, (was) =>
      putInto(was, tip.id, fresh === NOWHERE ? undefined : fresh),
    )
  }
  return (
    <Select
      bare
      label={`Where is ${tip.name}?`}
      value={now ?? NOWHERE}
      options={[
        [NOWHERE, 'not packed'],
        ...[...all].map((pocket) => [pocket, pocket] as const),
        [ANOTHER, 'another pocket'],
      ]}
      onChange={put}
    />
  )
}
