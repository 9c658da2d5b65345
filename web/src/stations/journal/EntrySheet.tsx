import { ENTRY_LIMITS, type Entry, PACES, type Pace, SAW, type Saw } from '@hoxen/core/journal'
import { RUN_LIMITS } from '@hoxen/core/water'
import { PACE_WORDS, SAW_WORDS, sayLogged } from '@hoxen/core/words'
import { useState } from 'react'
import { commit, editRow, noticeDone, noticeFailed, useGear, useList } from '../../store/index.ts'
import {
  Button,
  FormName,
  OneOf,
  QuantityField,
  Sheet,
  TextField,
  useUnits,
  useWithin,
} from '../../ui/index.ts'
import { EntryPhoto } from './EntryPhoto.tsx'
import { WhenField } from './WhenField.tsx'

interface Props {
  readonly entry: Entry
  readonly onClose: () => void
}

/** Changes an entry from what it is at that moment; a field set to nothing is no longer kept. */
const change = (
  entry: Entry,
  label: string,
  part: { readonly [K in keyof Entry]?: Entry[K] | undefined },
): void => {
  const all = Object.entries({ ...entry, ...part }).filter(([, value]) => value !== undefined)
  editRow(label, 'entries', entry, Object.fromEntries(all) as Entry).catch(noticeFailed)
}

/** A swing as it was logged in a moment, to be filled in at leisure: each change is kept as it is made. */
export function EntrySheet({ entry, onClose }: Props) {
  const { system } = useUnits()
  const runs = useList('runs')
  const [error, setError] = useState<string>()
  const items = useGear()?.items
  const rigOf = ({ rig }: Entry): string => {
    const names = [rig.rodId, rig.headId].flatMap((id) => items?.find((item) => item.id === id)?.name ?? [])
    return names.map((name) => `${name}, `).join('')
  }
  const pool = runs?.find(({ id }) => id === entry.runId)
  const remove = (): void => {
    commit('Delete a swing', (tx) => {
      tx.remove('entries', [entry.id])
      if (entry.photoId !== undefined) tx.remove('photos', [entry.photoId])
    }).then((did) => did && noticeDone('Swing deleted'), noticeFailed)
    onClose()
  }
  return (
    <Sheet
      open
      title={`${pool?.name ?? 'A deleted pool'}: ${SAW_WORDS[entry.saw]}`}
      onClose={onClose}
      inAddress
    >
      <FormName value={`entry ${entry.id}`}>
        <p className="text-[0.95rem] text-faint">
          {rigOf(entry)}
          {sayLogged(entry, system)}. Rig and plan are stored as they were.
        </p>
        <EntryFields entry={entry} onError={setError} />
        {error !== undefined && (
          <p role="alert" className="mt-2 font-medium text-breaks">
            {error}
          </p>
        )}
        <div className="mt-4 flex flex-wrap gap-2">
          <Button weight="strong" onClick={onClose}>
            Done
          </Button>
          <Button weight="danger" onClick={remove}>
            Delete this swing
          </Button>
        </div>
      </FormName>
    </Sheet>
  )
}

interface FieldsProps {
  readonly entry: Entry
  readonly onError: (said: string | undefined) => void
}

/** What can be told of a swing besides. */
function EntryFields({ entry, onError }: FieldsProps) {
  const within = useWithin()
  const takeFish = (text: string): string | undefined => {
    if (text.trim() === '') return void change(entry, 'Fish of a swing', { fish: undefined })
    const fish = Number(text)
    if (!Number.isInteger(fish) || fish < 0 || fish > ENTRY_LIMITS.fish)
      return `Enter 0 to ${ENTRY_LIMITS.fish} fish.`
    return void change(entry, 'Fish of a swing', { fish })
  }
  const takeNotes = (text: string): string | undefined => {
    if (text.length > ENTRY_LIMITS.notes)
      return `That is ${text.length} characters; a note holds ${ENTRY_LIMITS.notes}.`
    const notes = text.trim()
    return void change(entry, 'Notes of a swing', { notes: notes === '' ? undefined : notes })
  }
  return (
    <>
      <div className="mt-3">
        <TextField label="Notes" value={entry.notes ?? ''} lines={3} take={takeNotes} />
      </div>
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        <OneOf<Saw>
          legend="What it did"
          value={entry.saw}
          options={SAW.map((saw) => [saw, SAW_WORDS[saw]])}
          onChoose={(saw) => change(entry, 'What a swing did', { saw })}
        />
        <OneOf<Pace | 'unsaid'>
          legend="How fast it swung"
          value={entry.pace ?? 'unsaid'}
          options={[...PACES.map((pace) => [pace, PACE_WORDS[pace]] as const), ['unsaid', 'didn’t notice']]}
          onChoose={(pace) =>
            change(entry, 'The pace of a swing', { pace: pace === 'unsaid' ? undefined : pace })
          }
        />
        <WhenField atMs={entry.atMs} onTake={(atMs) => change(entry, 'When a swing was', { atMs })} />
        <QuantityField
          label="Flow"
          measure="flow"
          value={entry.flowM3ps}
          onChange={(flowM3ps) => change(entry, 'Flow of a swing', { flowM3ps })}
          refuse={within(RUN_LIMITS.flowM3ps, 'flow')}
        />
        <TextField
          label="Fish landed"
          value={entry.fish === undefined ? '' : String(entry.fish)}
          take={takeFish}
        />
        <EntryPhoto photoId={entry.photoId} entryId={entry.id} onError={onError} />
      </div>
    </>
  )
}
