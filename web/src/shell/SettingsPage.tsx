import type { Settings } from '@hoxen/core/format'
import { SCHOOLS, type SchoolQuestion } from '@hoxen/core/gear'
import { SCHOOL_WORDS } from '@hoxen/core/words'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import {
  changeKept,
  leaveDemo,
  noticeDone,
  noticeFailed,
  openStore,
  useDemoThere,
  useGear,
  useSettings,
  wipeGear,
} from '../store/index.ts'
import { Button, OneOf, Sheet, Tabs, useInAddress, viewAt } from '../ui/index.ts'
import { loadDemo } from './keeping.ts'
import { OnThisDevice } from './OnThisDevice.tsx'

const change = (label: string, edit: (settings: Settings) => Settings): void =>
  void changeKept(label, 'settings', edit).catch(noticeFailed)

const VIEWS = [
  ['look', 'Looks and data'],
  ['schools', 'Where good anglers disagree'],
] as const

/** Units, face and everything that is kept; on a page of its own the schools good practitioners differ on. */
export function SettingsPage() {
  const [params] = useSearchParams()
  const at = viewAt(VIEWS, params.get('view'))
  return (
    <div className="max-w-3xl">
      <h1 className="text-2xl">Settings</h1>
      <Tabs label="Settings" home="/settings" tabs={VIEWS} at={at} />
      <div className="mt-4 space-y-8">
        {at === 'look' ? (
          <>
            <Looks />
            <Data />
          </>
        ) : (
          <Schools />
        )}
      </div>
    </div>
  )
}

function Looks() {
  const settings = useSettings()
  return (
    <section aria-labelledby="show">
      <h2 id="show" className="text-xl">
        How figures and pages look
      </h2>
      <div className="mt-2 flex flex-wrap gap-x-10 gap-y-3">
        <OneOf
          legend="Units"
          value={settings.units}
          options={[
            ['trade', 'Grains and feet'],
            ['metric', 'Grams and metres'],
          ]}
          onChoose={(units) => change('Units', (s) => ({ ...s, units }))}
        />
        <OneOf
          legend="Appearance"
          value={settings.face}
          options={[
            ['light', 'Paper'],
            ['dark', 'Dusk'],
            ['system', 'Same as the device'],
          ]}
          onChoose={(face) => change('Appearance', (s) => ({ ...s, face }))}
        />
      </div>
      <p className="mt-2 lg:hidden">
        <Link to="/tables" className="inline-flex min-h-11 items-center underline underline-offset-4">
          Tables, rules and help
        </Link>
      </p>
    </section>
  )
}

function Data() {
  return (
    <section aria-labelledby="data">
      <h2 id="data" className="text-xl">
        Your data
      </h2>
      <WhereItLives />
      <OnThisDevice />
      <div className="mt-3 flex flex-wrap gap-2">
        <DemoButton />
        <ClearButton />
      </div>
    </section>
  )
}

function Schools() {
  const settings = useSettings()
  return (
    <section aria-label="Where good anglers disagree">
      <p className="text-[0.95rem]">Neither side is wrong. Choose yours; the figures follow.</p>
      <div className="mt-2 divide-y divide-rule">
        {ASKED.map((question) => (
          <School key={question} question={question} settings={settings} />
        ))}
      </div>
    </section>
  )
}

/** Only what some figure follows is asked. */
const ASKED = (Object.keys(SCHOOLS) as SchoolQuestion[]).filter((question) => SCHOOL_WORDS[question].inUse)

/** Opens the demo, asking first where there is gear of one's own; or leaves it. */
function DemoButton() {
  const there = useDemoThere()
  const asking = useInAddress('ask-demo')
  if (there === undefined) return null
  if (there.demo)
    return (
      <Button
        onClick={() =>
          void leaveDemo().then((did) => did && noticeDone('Your own data is back'), noticeFailed)
        }
      >
        Leave the demo
      </Button>
    )
  return (
    <>
      <Button onClick={() => (there.gear ? asking.show('') : loadDemo())}>Open the demo gear</Button>
      <Sheet open={asking.open !== null} title="Try the demo gear?" onClose={asking.close} inAddress>
        <p>
          Your own gear, pools and day are set aside while you look around, and come back when you leave the
          demo.
        </p>
        <div className="mt-4 flex flex-wrap gap-2">
          <Button
            weight="strong"
            onClick={() => {
              asking.close()
              loadDemo()
            }}
          >
            Open the demo
          </Button>
          <Button onClick={asking.close}>Cancel</Button>
        </div>
      </Sheet>
    </>
  )
}

/** Clears all gear, asking first. */
function ClearButton() {
  const [asking, setAsking] = useState(false)
  const count = useGear()?.items.length ?? 0
  const clear = (): void => {
    setAsking(false)
    void wipeGear().then((did) => did && noticeDone('All gear deleted'), noticeFailed)
  }
  return (
    <>
      <Button weight="danger" disabled={count === 0} onClick={() => setAsking(true)}>
        Delete all gear
      </Button>
      <Sheet open={asking} title="Delete all gear?" onClose={() => setAsking(false)}>
        <p>
          {count} {count === 1 ? 'item will be deleted' : 'items will be deleted'}; pools, day and settings
          stay. You can undo it in this tab.
        </p>
        <div className="mt-4 flex flex-wrap gap-2">
          <Button weight="danger" onClick={clear}>
            Delete {count === 1 ? 'it' : 'them'}
          </Button>
          <Button onClick={() => setAsking(false)}>Cancel</Button>
        </div>
      </Sheet>
    </>
  )
}

function School({ question, settings }: { readonly question: SchoolQuestion; readonly settings: Settings }) {
  const words = SCHOOL_WORDS[question]
  const chosen = settings.schools[question]
  return (
    <fieldset className="py-3">
      <legend className="contents font-semibold">{words.question}</legend>
      <div className="mt-1 grid gap-x-6 sm:grid-cols-2">
        {SCHOOLS[question].map((value) => (
          <label key={value} className="flex min-h-11 items-start gap-2.5 py-1.5">
            <input
              type="radio"
              name={question}
              checked={chosen === value}
              onChange={() =>
                change(words.question, (s) => ({ ...s, schools: { ...s.schools, [question]: value } }))
              }
              className="mt-1 size-4 shrink-0"
            />
            <span>
              <span className={chosen === value ? 'font-medium' : ''}>{words.choices[value]?.label}</span>
              <span className="block text-[0.88rem] text-faint">{words.choices[value]?.reason}</span>
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  )
}

/** Where all of it is: in this browser, unless it keeps nothing. */
function WhereItLives() {
  const kept = useQuery({
    queryKey: ['store'],
    queryFn: () =>
      openStore().then(
        () => true,
        () => false,
      ),
  })
  return kept.data === false ? (
    <p role="status" data-kept="nothing" className="mt-1 font-medium text-breaks">
      This browser doesn’t save anything here: what you do is lost when you leave. Open Hoxen in an ordinary
      window.
    </p>
  ) : (
    <p className="mt-1 text-[0.95rem]">
      Your data stays in this browser and in the files you save; nothing is sent anywhere.
    </p>
  )
}
