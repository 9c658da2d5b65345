import type { ButtonHTMLAttributes, ReactNode } from 'react'

type Weight = 'strong' | 'plain' | 'quiet' | 'danger'

const LOOK: Readonly<Record<Weight, string>> = {
  strong: 'bg-river text-sheet font-semibold hover:opacity-90',
  plain:
    'border border-ink/60 bg-sheet font-medium hover:bg-shoal aria-pressed:border-river aria-pressed:bg-river aria-pressed:text-sheet',
  quiet: 'text-river font-medium underline decoration-1 underline-offset-4 hover:decoration-2',
  danger: 'border border-breaks text-breaks bg-sheet font-medium hover:bg-breaks hover:text-sheet',
}

/** The shape of a button, for buttons and for links that act like one. Never lower than a thumb. */
export const buttonLook = (weight: Weight = 'plain'): string =>
  `inline-flex min-h-11 items-center justify-center gap-2 rounded-md px-3.5 text-[0.95rem] disabled:opacity-50 ${LOOK[weight]}`

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly weight?: Weight
  readonly children: ReactNode
}

export function Button({ weight = 'plain', className = '', type = 'button', ...rest }: Props) {
  return <button type={type} className={`${buttonLook(weight)} ${className}`} {...rest} />
}
