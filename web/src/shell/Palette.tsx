import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react'
import { askedFor, quickAdd } from '@hoxen/core/format'
import type { UnitSystem } from '@hoxen/core/quantity'
import { HELP, KIND_NAMES, sayHelp, sayTyped, summarize, TAG_TOPICS } from '@hoxen/core/words'
import { useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { useToday } from '../day/index.ts'
import { addItem, newId, noticeDone, noticeFailed, useGear, useSingle } from '../store/index.ts'
import { DECIMAL_MARK, fieldLook, Sheet, useUnits } from '../ui/index.ts'
import { type Command, useCommands } from './commands.ts'

interface Props {
  readonly open: boolean
  readonly onClose: () => void
}

const SHOWN = 9

/** Something that can be found, with the words it is found by, in small letters. */
interface Thing {
  readonly command: Command
  readonly called: string
  readonly about: string
}

const has = (words: readonly string[], said: string): boolean => words.every((word) => said.includes(word))

/** All that can be done or seen from here, put into words once and not at each key. */
function useThings(commands: readonly Command[]): readonly Thing[] {
  const gear = useGear()
  const mine = useSingle('rig')
  const today = useToday()
  const navigate = useNavigate()
  const { system } = useUnits()
  return useMemo(() => {
    const items = gear?.items ?? []
    const all: readonly Command[] = [
      ...commands,
      ...(mine && today
        ? [
            {
              name: 'Send my rig and day as a link',
              about: 'share copy address',
              run: () =>
                void import('../link/index.ts')
                  .then((m) => m.shareRig(today, mine, items))
                  .catch(noticeFailed),
            },
          ]
        : []),
      ...[...HELP, ...TAG_TOPICS].map((topic) => ({
        name: `What it means: ${topic.title}`,
        about: sayHelp(topic, system),
        run: () => void navigate(`/tables#${topic.id}`),
      })),
      ...items.map((item) => ({
        name: `${item.name} — ${KIND_NAMES[item.kind].one}, ${summarize(item, system)}`,
        run: () => void navigate(`/gear/item/${item.id}`),
      })),
    ]
    return all.map((command): Thing => {
      const called = command.name.toLowerCase()
      return { command, called, about: `${called} ${command.about ?? ''}`.toLowerCase() }
    })
  }, [commands, gear, mine, today, system, navigate])
}

/** Adding what was typed, where it reads as a piece of gear. */
function addingTyped(text: string, system: UnitSystem): readonly Command[] {
  const typed = quickAdd(text, 'typed', DECIMAL_MARK)
  if (!typed.ok) return []
  const { item, guessed } = typed
  return [
    {
      name: `Add ${KIND_NAMES[item.kind].a}: ${sayTyped(item, guessed, system)}`,
      run: () =>
        void addItem({ ...item, id: newId(item.name) }).then(
          (did) => did && noticeDone(`${item.name} added`),
          noticeFailed,
        ),
    },
  ]
}

/** What the typed text finds: a rod to look around, else gear to add, then what is called so, then what is about it. */
function useFound(text: string): readonly Command[] {
  const commands = useCommands()
  const navigate = useNavigate()
  const { system } = useUnits()
  const things = useThings(commands)
  const asked = askedFor(text, DECIMAL_MARK)
  if (asked !== undefined)
    return [
      {
        name: `What to look for around: ${summarize(asked, system)}`,
        run: () => void navigate(`/match/look?ask=${encodeURIComponent(text.trim())}`),
      },
    ]
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  return [
    ...(words.length > 1 ? addingTyped(text, system) : []),
    ...things.filter(({ called }) => has(words, called)).map(({ command }) => command),
    ...things
      .filter(({ called, about }) => !has(words, called) && has(words, about))
      .map(({ command }) => command),
  ].slice(0, SHOWN)
}

const CommandRow = ({ command }: { readonly command: Command }) => (
  <ComboboxOption
    value={command}
    className="flex min-h-11 items-center justify-between gap-3 rounded px-3 data-focus:bg-shoal"
  >
    <span className="truncate">{command.name}</span>
    {command.keys !== undefined && <kbd className="text-sm text-faint">{command.keys}</kbd>}
  </ComboboxOption>
)

/** Type what you want to do or what you want to see. */
export function Palette({ open, onClose }: Props) {
  const [text, setText] = useState('')
  const found = useFound(text)
  const close = (): void => {
    setText('')
    onClose()
  }
  return (
    <Sheet open={open} title="Do or find" onClose={close}>
      <Combobox<Command | null>
        value={null}
        onChange={(command) => {
          close()
          command?.run()
        }}
      >
        <ComboboxInput
          autoFocus
          aria-label="Command, gear or word"
          autoComplete="off"
          className={fieldLook}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <ComboboxOptions static className="mt-2">
          {found.map((command) => (
            <CommandRow key={command.name} command={command} />
          ))}
        </ComboboxOptions>
      </Combobox>
      {found.length === 0 && (
        <p className="p-3 text-faint">No match. Try another word, or type a piece of gear to add it.</p>
      )}
    </Sheet>
  )
}

export function ShortcutSheet({ open, onClose }: Props) {
  const commands = useCommands()
  const rows = [
    { name: 'Do or find anything', keys: '/ or Ctrl K' },
    { name: 'This list', keys: '?' },
    ...commands.filter((c) => c.keys !== undefined),
    { name: 'At the water: play or pause the swing', keys: 'Space' },
    { name: 'At the water: half a second back or forward', keys: '← →' },
    { name: 'At the water: to the start, to the end', keys: 'Home End' },
  ]
  return (
    <Sheet open={open} title="Keys" onClose={onClose}>
      <dl className="grid grid-cols-[1fr_auto] gap-x-6">
        {rows.map(({ name, keys }) => (
          <div key={name} className="contents">
            <dt className="border-b border-rule py-2">{name}</dt>
            <dd className="border-b border-rule py-2 text-right">
              <kbd className="font-semibold">{keys}</kbd>
            </dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-sm text-faint">
        Press two-key shortcuts one after the other. Shortcuts are off while you type.
      </p>
    </Sheet>
  )
}
