import {
  classLengthM,
  SINGLE_HAND_LENGTH_M,
  STANDARD_SOURCES,
  singleHandRows,
  TWO_HAND_CLASSES,
  twoHandRows,
} from '@hoxen/core/line'
import { EVIDENCE_TAGS, type Measure } from '@hoxen/core/quantity'
import {
  HELP,
  PLAIN_WORDS,
  type PlainQuestion,
  RULES,
  STATE_MEANINGS,
  sayHelp,
  TAG_MEANINGS,
} from '@hoxen/core/words'
import { type ReactNode, useEffect } from 'react'
import { Link, useLocation, useNavigationType } from 'react-router'
import { intoView, StateMark, Tag, useUnits } from '../../ui/index.ts'
import { Converter } from './Converter.tsx'
import { HowMuchLine } from './HowMuchLine.tsx'
import { LabelReader } from './LabelReader.tsx'
import { TradeWords } from './TradeWords.tsx'

/** Pages of the tables, each under its name in the address. */
const PAGES = [
  ['convert', 'Convert', Converter],
  ['label', 'Label against grains', LabelReader],
  ['single-hand', 'Single-hand numbers', SingleHand],
  ['two-hand', 'Two-hand numbers', TwoHand],
  ['line', 'How much line', Line],
  ['rules', 'Rules of thumb', Rules],
  ['help', 'What each check means', Help],
  ['trade', 'Words of the trade', Trade],
  ['words', 'Figures behind the words', Words],
  ['tags', 'What the tags mean', Tags],
] as const
type PageId = (typeof PAGES)[number][0]

/** The page that an address is on: its own name, or that of something on it. */
export function pageAt(place: string): PageId {
  const named = PAGES.find(([id]) => id === place)?.[0]
  if (named !== undefined) return named
  if (place.startsWith('tag-')) return 'tags'
  if (place.startsWith('word-')) return 'trade'
  return place.startsWith('state-') || HELP.some(({ id }) => id === place) ? 'help' : 'convert'
}

/** Standards, rules and words, a page each, with what it rests on. */
export function TablesStation() {
  const place = decodeURIComponent(useLocation().hash.slice(1))
  const kind = useNavigationType()
  const at = pageAt(place)
  const Page = PAGES.find(([id]) => id === at)?.[2] ?? Converter
  // A page that comes later than its address is gone to when it is there.
  useEffect(() => {
    if (place !== at) document.getElementById(place)?.scrollIntoView({ block: 'center' })
    else if (kind === 'PUSH') scrollTo(0, 0)
  }, [place, at, kind])
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 lg:grid-cols-[13rem_minmax(0,1fr)]">
      <nav aria-label="Tables" className="no-print min-w-0 lg:sticky lg:top-[7.5rem] lg:self-start">
        <h1 className="mb-1 text-2xl">Tables</h1>
        <ul className="flex gap-x-4 overflow-x-auto whitespace-nowrap lg:block">
          {PAGES.map(([id, name]) => (
            <li key={id}>
              <Link
                to={{ hash: id }}
                ref={id === at ? intoView : undefined}
                aria-current={id === at ? 'page' : undefined}
                className="flex min-h-11 items-center underline decoration-rule underline-offset-4 hover:decoration-ink aria-[current=page]:font-semibold aria-[current=page]:decoration-river"
              >
                {name}
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      <div className="min-w-0">
        <Page />
      </div>
    </div>
  )
}

interface PartProps {
  readonly id: string
  readonly title: string
  readonly note?: ReactNode
  readonly children: ReactNode
}

function Part({ id, title, note, children }: PartProps) {
  return (
    <section id={id} aria-labelledby={`${id}-title`} className="scroll-mt-32">
      <h2 id={`${id}-title`} className="text-xl">
        {title}
      </h2>
      {note !== undefined && <p className="mb-2 max-w-2xl text-[0.92rem] text-faint">{note}</p>}
      <div className="overflow-x-auto">{children}</div>
    </section>
  )
}

const STATES = ['holds', 'watch', 'breaks'] as const

const cell = 'border-b border-rule px-3 py-1.5 text-right'

function SingleHand() {
  const { show } = useUnits()
  return (
    <Part
      id="single-hand"
      title="Single-hand numbers"
      note={
        <>
          Weight of the first {show(SINGLE_HAND_LENGTH_M, 'length')}, level tip excluded.{' '}
          {STANDARD_SOURCES.singleHand}. <Tag tag="standard" />
        </>
      }
    >
      <table>
        <thead>
          <tr className="text-sm text-faint">
            <th scope="col" className={cell}>
              no.
            </th>
            <th scope="col" className={cell}>
              {' '}
              weight{' '}
            </th>
            <th scope="col" className={cell}>
              tolerance
            </th>
          </tr>
        </thead>
        <tbody>
          {singleHandRows().map((row) => (
            <tr key={row.number}>
              <th scope="row" className={cell}>
                {row.number}
              </th>
              <td className={cell}>{show(row.kg, 'lineMass')}</td>
              <td className={cell}>± {show(row.toleranceKg, 'lineMass')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Part>
  )
}

function TwoHand() {
  const { show } = useUnits()
  return (
    <Part
      id="two-hand"
      title="Two-hand numbers"
      note={
        <>
          Weight over the class’s own length. H: shooting head, S, M, L: short, medium, long belly.{' '}
          {STANDARD_SOURCES.twoHand}. <Tag tag="standard" />
        </>
      }
    >
      <table>
        <thead>
          <tr className="text-sm text-faint">
            <th scope="col" className={cell}>
              no.
            </th>
            {TWO_HAND_CLASSES.map((of) => (
              <th key={of} scope="col" className={cell}>
                {of}, {show(classLengthM(of), 'length')}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {twoHandRows().map((row) => (
            <tr key={row.number}>
              <th scope="row" className={cell}>
                {row.number}
              </th>
              {TWO_HAND_CLASSES.map((of) => (
                <td key={of} className={cell}>
                  {show(row.kg[of], 'lineMass')}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Part>
  )
}

function Line() {
  return (
    <Part id="line" title="How much line is that?">
      <HowMuchLine />
    </Part>
  )
}

function Trade() {
  return (
    <Part id="trade" title="Words of the trade">
      <TradeWords />
    </Part>
  )
}

function Rules() {
  const { system } = useUnits()
  return (
    <Part id="rules" title="Rules of thumb">
      <ul className="max-w-3xl divide-y divide-rule">
        {RULES.map((rule) => (
          <li key={rule.title} className="grid gap-x-4 py-2 sm:grid-cols-[14rem_1fr_auto]">
            <h3 className="font-text font-semibold tracking-normal">{rule.title}</h3>
            <p>{rule.say(system)}</p>
            <Tag tag={rule.tag} />
          </li>
        ))}
      </ul>
    </Part>
  )
}

/** Help on each line of the ledger, and how the models work; a line of the ledger leads to its own. */
function Help() {
  const { system } = useUnits()
  const { hash } = useLocation()
  const place = decodeURIComponent(hash.slice(1))
  return (
    <Part id="help" title="What each check means, how it is worked out, and where schools differ">
      <dl className="mb-4 grid max-w-3xl grid-cols-[6.5rem_1fr] gap-y-1">
        {STATES.map((state) => (
          <div key={state} id={`state-${state}`} className="contents scroll-mt-32">
            <dt>
              <StateMark state={state} />
            </dt>
            <dd>{STATE_MEANINGS[state]}</dd>
          </div>
        ))}
      </dl>
      <div className="grid items-start gap-x-8 md:grid-cols-2">
        {HELP.map((topic) => (
          <details
            key={topic.id}
            id={topic.id}
            open={place === topic.id}
            className="scroll-mt-32 border-b border-rule open:border-l-4 open:border-l-river open:pl-3"
          >
            <summary className="min-h-11 cursor-pointer content-center font-semibold">{topic.title}</summary>
            <p className="pb-2">{sayHelp(topic, system)}</p>
          </details>
        ))}
      </div>
    </Part>
  )
}

const QUESTIONS: readonly (readonly [PlainQuestion, string, Measure])[] = [
  ['fishKg', 'Fish', 'fishMass'],
  ['castM', 'Cast', 'length'],
  ['waterDepthM', 'Depth', 'length'],
  ['currentMps', 'Current', 'current'],
  ['roomBehindM', 'Room behind', 'length'],
]

function Words() {
  const { show } = useUnits()
  return (
    <Part
      id="words"
      title="Figures behind the words"
      note={
        <>
          The figures behind the words of the day. <Tag tag="practice" />
        </>
      }
    >
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2 xl:grid-cols-3">
        {QUESTIONS.map(([question, title, measure]) => (
          <div key={question}>
            <h3 className="font-text font-semibold tracking-normal">{title}</h3>
            <dl>
              {PLAIN_WORDS[question].map(({ word, si }) => (
                <div key={word} className="flex justify-between gap-4 border-b border-rule py-1">
                  <dt>{word}</dt>
                  <dd>{show(si, measure)}</dd>
                </div>
              ))}
            </dl>
          </div>
        ))}
      </div>
    </Part>
  )
}

function Tags() {
  return (
    <Part id="tags" title="What the tags mean">
      <dl className="grid max-w-2xl grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {EVIDENCE_TAGS.map((tag) => (
          <div key={tag} className="contents">
            <dt id={`tag-${tag}`} className="scroll-mt-32">
              <Tag tag={tag} />
            </dt>
            <dd>{TAG_MEANINGS[tag]}.</dd>
          </div>
        ))}
      </dl>
    </Part>
  )
}
