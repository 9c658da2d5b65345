import type { Item, Rod } from '@hoxen/core/gear'
import { headFacts, readLabel } from '@hoxen/core/line'
import { castSpanM, fishSpanKg, singleHandEquivalent } from '@hoxen/core/rod'
import { nameMaterial, type TipItem, tipFacts } from '@hoxen/core/sink'
import { sayAsStrong, sayMaterial, sayNumbers, summarize } from '@hoxen/core/words'
import type { ReactNode } from 'react'
import { useQuestion } from '../../ledger/index.ts'
import { Tag, useUnits } from '../../ui/index.ts'
import { BelongsOn } from './BelongsOn.tsx'

/** Figures derived from an item, with what each figure rests on. */
export function Derived({ item }: { readonly item: Item }) {
  const { system } = useUnits()
  return (
    <div className="mt-2 rounded-lg border border-rule bg-sheet px-4 py-3">
      <p>{summarize(item, system)}</p>
      {item.kind === 'head' && <HeadDerived item={item} />}
      {item.kind === 'rod' && <RodDerived rod={item} />}
      {(item.kind === 'tip' || item.kind === 'sinking-leader') && <TipDerived item={item} />}
    </div>
  )
}

const List = ({ children }: { readonly children: ReactNode }) => (
  <ul className="space-y-0.5 text-[0.92rem]">{children}</ul>
)

function HeadDerived({ item }: { readonly item: Extract<Item, { kind: 'head' }> }) {
  const { show } = useUnits()
  const facts = headFacts(item)
  const { singleHand, twoHand } = readLabel(facts)

  return (
    <List>
      <li>
        Front: about {show(facts.frontKgPerM.value, 'massPerLength')} <Tag tag={facts.frontKgPerM.tag} />
      </li>
      <li>
        {sayNumbers(singleHand, twoHand)} <Tag tag="standard" />
      </li>
      <li>
        Profile <Tag tag={facts.profileTag} />
      </li>
    </List>
  )
}

function RodDerived({ rod }: { readonly rod: Rod }) {
  const question = useQuestion()
  const { show, range } = useUnits()
  const fish = fishSpanKg(rod)
  const cast = castSpanM(rod)
  return (
    <>
      {question !== undefined && <BelongsOn rod={rod} question={question} />}
      <List>
        {rod.hands !== 'single' && (
          <li>
            {sayAsStrong(singleHandEquivalent(rod, 'plus-two'), singleHandEquivalent(rod, 'plus-three'))}{' '}
            <Tag tag="practice" />
          </li>
        )}
        <li>
          Fish up to about {show(fish.high, 'fishMass')} <Tag tag={fish.tag} />
        </li>
        <li>
          Casts of {range(cast, 'length')} <Tag tag={cast.tag} />
        </li>
      </List>
    </>
  )
}

function TipDerived({ item }: { readonly item: TipItem }) {
  const { show } = useUnits()
  const facts = tipFacts(item)
  const joined = facts.sinkingLengthM > 0 && facts.sinkingLengthM < facts.lengthM
  const reading = nameMaterial(facts.massKg.value, facts.lengthM)

  return (
    <List>
      <li>
        {show(facts.massKg.value, 'lineMass')}, {show(facts.massKg.value / facts.lengthM, 'massPerLength')}{' '}
        <Tag tag={facts.massKg.tag} />
      </li>
      {facts.level && (
        <li>
          {sayMaterial(reading)} <Tag tag="practice" />
        </li>
      )}
      {joined && <li>Part floats and part sinks: the scale only tells the sum of the two.</li>}
      <li>
        {facts.sinkingLengthM === 0 ? 'Floats' : `Sinks ${show(facts.sinkRateMps.value, 'sinkRate')}`}{' '}
        <Tag tag={facts.sinkRateMps.tag} />
      </li>
    </List>
  )
}
