import type { SwingSetup } from '@hoxen/core/rig'
import { sayAlongRiver } from '@hoxen/core/words'
import { SwingAcross } from '../../drawing/index.ts'
import { useMySetup } from '../../pool/index.ts'
import { useSwing } from '../../swings/index.ts'
import { useUnits } from '../../ui/index.ts'

/** The swing of what is on the line, seen along the river. */
export function MySwing() {
  const setup = useMySetup()
  return setup === undefined || typeof setup === 'string' ? null : <Drawn setup={setup} />
}

function Drawn({ setup }: { readonly setup: SwingSetup }) {
  const { system } = useUnits()
  const { data } = useSwing(setup)
  if (data === undefined) return <p className="py-10 text-faint">Swinging it…</p>
  const { samples, summary } = data
  const middleS = (samples.at(-1)?.tS ?? 0) / 2
  return (
    <figure className="mt-6">
      <SwingAcross
        run={setup.run}
        swings={[{ id: 'mine', samples }]}
        atS={middleS}
        label="The fly’s path in the pool"
      />
      <figcaption className="mt-1 text-[0.9rem] text-faint">
        {sayAlongRiver(setup.parts.tip?.item.name ?? setup.parts.head.head.name, summary, system)}
      </figcaption>
    </figure>
  )
}
