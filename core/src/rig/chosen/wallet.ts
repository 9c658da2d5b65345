import type { RigChoice } from './choice.ts'

/** Pouch of a tip, and what hangs on it. */
export interface Pouch {
  /** The pocket or bag it is in, by its name; left out, nowhere said. */
  readonly pocket?: string | undefined
  /** The leader that stays on it; null for none, left out where nobody said. */
  readonly leaderId?: string | null | undefined
}

/** The angler's wallet of tips: pockets and bags by name, and which tip is in which, each with its own leader. */
export interface Wallet {
  readonly pockets: readonly string[]
  /** By the tip's identifier. */
  readonly tips: Readonly<Record<string, Pouch>>
}

export const EMPTY_WALLET: Wallet = { pockets: [], tips: {} }

/** A tip is worth carrying when it was put into a pocket. */
const inPockets = ({ tips }: Wallet): readonly string[] =>
  Object.entries(tips).flatMap(([id, { pocket }]) => (pocket === undefined ? [] : [id]))

/**
 * The tips to choose from on the bank: those in pockets and the one on the line; with an empty wallet, all that are owned.
 * @param owned identifiers of tips
 */
export function tipsCarried(
  wallet: Wallet,
  { tipId }: Pick<RigChoice, 'tipId'>,
  owned: readonly string[],
): readonly (string | null)[] {
  const pocketed = inPockets(wallet).filter((id) => owned.includes(id))
  const ids = pocketed.length === 0 ? owned : pocketed
  return tipId === null || ids.includes(tipId) ? ids : [tipId, ...ids]
}

/**
 * The leader a tip is fished with: the one on the line where it is on the line, else the one that stays on it in the wallet,
 * or, where none was said or it is no longer owned, the rig's.
 * @param items what is owned, at least that leader
 */
export function leaderIdOn(
  rig: Pick<RigChoice, 'tipId' | 'leaderId'>,
  { tips }: Wallet,
  tipId: string | null,
  items: { has(id: string): boolean },
): string | null {
  const own = tipId === null || tipId === rig.tipId ? undefined : tips[tipId]?.leaderId
  return own === undefined || (own !== null && !items.has(own)) ? rig.leaderId : own
}

/** The wallet once the tip on the line is back in its pocket, with its leader on it. */
export const putAway = (
  wallet: Wallet,
  { tipId, leaderId }: Pick<RigChoice, 'tipId' | 'leaderId'>,
): Wallet =>
  tipId === null
    ? wallet
    : { ...wallet, tips: { ...wallet.tips, [tipId]: { ...wallet.tips[tipId], leaderId } } }

/** Puts a tip into a pocket, or out of all of them. A pocket not yet known is made. */
export function putInto(wallet: Wallet, tipId: string, pocket: string | undefined): Wallet {
  const { pocket: _was, ...rest } = wallet.tips[tipId] ?? {}
  return {
    pockets:
      pocket === undefined || wallet.pockets.includes(pocket) ? wallet.pockets : [...wallet.pockets, pocket],
    tips: { ...wallet.tips, [tipId]: pocket === undefined ? rest : { ...rest, pocket } },
  }
}

/** Another name for a pocket; what is in it goes along. A name that another pocket has joins the two. */
export function renamePocket({ pockets, tips }: Wallet, from: string, to: string): Wallet {
  const renamed = (pocket: string): string => (pocket === from ? to : pocket)
  return {
    pockets: [...new Set(pockets.map(renamed))],
    tips: Object.fromEntries(
      Object.entries(tips).map(([id, pouch]) => [
        id,
        pouch.pocket === undefined ? pouch : { ...pouch, pocket: renamed(pouch.pocket) },
      ]),
    ),
  }
}

/** Takes a pocket away; what was in it is in none. */
export const withoutPocket = ({ pockets, tips }: Wallet, name: string): Wallet => ({
  pockets: pockets.filter((pocket) => pocket !== name),
  tips: Object.fromEntries(
    Object.entries(tips).map(([id, { pocket, ...rest }]) => [
      id,
      pocket === undefined || pocket === name ? rest : { ...rest, pocket },
    ]),
  ),
})
