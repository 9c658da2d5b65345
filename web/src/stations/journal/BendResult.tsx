import { type Rod, WINDOW_STYLES } from '@hoxen/core/gear'
import { type BendTest, compareBends, windowFor } from '@hoxen/core/rod'
import { sayBend, WINDOW_NAMES } from '@hoxen/core/words'
import { useMemo } from 'react'
import { useDay } from '../../day/index.ts'
import { type AxisBand, GrainAxis } from '../../drawing/index.ts'
import { Button, Tag, useUnits } from '../../ui/index.ts'

interface ResultProps {
  readonly one: Rod
  readonly other: Rod
  readonly known: BendTest
  readonly unknown: BendTest
  readonly onSave: () => void
}

/** Tests of two rods compared: what one carries of the other’s mass, and the window that comes of it in every style. */
export function useBendResults({
  one,
  known,
  unknown,
}: Partial<Pick<ResultProps, 'one' | 'known' | 'unknown'>>) {
  const day = useDay()
  return useMemo(
    () =>
      one === undefined || known === undefined || unknown === undefined
        ? []
        : WINDOW_STYLES.flatMap((style) => {
            const found = windowFor(one, style, day)
            if (found.outcome !== 'window') return []
            return [
              {
                style,
                window: found.window,
                result: compareBends({ ...known, window: found.window }, unknown),
              },
            ]
          }),
    [one, day, known, unknown],
  )
}

/** What the bends say, and the window of the unknown rod on the grain axis as it grows. */
export function BendResult({
  one,
  other,
  results,
  onSave,
}: Pick<ResultProps, 'one' | 'other' | 'onSave'> & { readonly results: ReturnType<typeof useBendResults> }) {
  const { range } = useUnits()
  const first = results[0]?.result
  if (first === undefined) return <p className="mt-3">{one.name} has no window to compare with.</p>
  const names = { known: one.name, unknown: other.name }
  const bands: readonly (AxisBand & { readonly band: { lowKg: number; highKg: number } })[] = results.flatMap(
    ({ style, window, result }) =>
      result.outcome === 'compared'
        ? [
            {
              label: WINDOW_NAMES[style],
              band: result.band,
              window: {
                ...window,
                ...result.window,
                tag: 'estimate' as const,
                aimKg: result.window.centreKg,
              },
            },
          ]
        : [],
  )
  return (
    <div>
      <p className="mt-2 text-lg" role="status" data-bend={first.outcome}>
        {sayBend(first, names)} <Tag tag="estimate" />
      </p>
      {bands.length > 0 && (
        <>
          <figure className="mt-2">
            <GrainAxis bands={bands} marks={[]} />
          </figure>
          <ul className="text-[0.95rem]">
            {bands.map(({ label, window, band }) => (
              <li key={label}>
                {label}: <b>{range({ low: window.lowKg, high: window.highKg }, 'lineMass')}</b>; likely{' '}
                {range({ low: band.lowKg, high: band.highKg }, 'lineMass')}
              </li>
            ))}
          </ul>
          <Button weight="strong" className="mt-3" onClick={onSave}>
            Save this bend test
          </Button>
        </>
      )}
    </div>
  )
}
