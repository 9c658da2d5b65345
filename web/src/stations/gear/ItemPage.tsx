import { FIELDS, type Field, type Item, KINDS, type Kind } from '@hoxen/core/gear'
import { KIND_NAMES } from '@hoxen/core/words'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useMemo, useState } from 'react'
import { type UseFormReturn, useForm, useWatch } from 'react-hook-form'
import { Link, useNavigate, useParams } from 'react-router'
import { ItemPicture } from '../../drawing/index.ts'
import {
  addItem,
  draftOf,
  editRow,
  newId,
  noticeDone,
  noticeFailed,
  removeItems,
  useGear,
} from '../../store/index.ts'
import { Button, buttonLook, Empty, useUnits } from '../../ui/index.ts'
import { BucketTimer } from './BucketTimer.tsx'
import { ByOneLine } from './ByOneLine.tsx'
import { Derived } from './Derived.tsx'
import { changedFields } from './draftFields.ts'
import { duplicate } from './duplicate.ts'
import { FieldRow } from './FieldRow.tsx'
import { type FormText, fieldName, formText, readForm } from './itemForm.ts'
import { Suits } from './Suits.tsx'
import { useFormDraft } from './useFormDraft.ts'

/** One item in full: a new one of a kind, or one of yours. */
export function ItemPage() {
  const { kind, id } = useParams()
  const gear = useGear()?.items
  if (gear === undefined) return <p className="py-10 text-faint">Opening…</p>
  const item = gear.find((i) => i.id === id)
  const ofKind = item?.kind ?? (KINDS as readonly string[]).find((k) => k === kind)
  if (ofKind === undefined)
    return (
      <Empty
        title={kind === undefined ? 'This is not in your gear' : `There is no kind of gear called “${kind}”`}
        action={
          <Link to="/gear" className={buttonLook('strong')}>
            Gear
          </Link>
        }
      >
        {kind === undefined
          ? 'It may have been deleted; undo brings it back.'
          : 'Rods, heads, tips, leaders, running lines, reels and more are added in Gear.'}
      </Empty>
    )
  return <DraftedForm key={`${id ?? ''}${ofKind}`} kind={ofKind as Kind} item={item} />
}

interface FormProps {
  readonly kind: Kind
  readonly item: Item | undefined
}

const formName = ({ kind, item }: FormProps): string => `item ${item?.id ?? `new ${kind}`}`

/** The form with what this tab had typed into it and not saved. */
function DraftedForm(props: FormProps) {
  const name = formName(props)
  const { data: draft } = useQuery({
    queryKey: ['draft', name],
    queryFn: () => draftOf(name),
    gcTime: 0,
    staleTime: 0,
  })
  return draft === undefined ? (
    <p className="py-10 text-faint">Opening…</p>
  ) : (
    <ItemForm {...props} draft={draft} />
  )
}

/** A form’s fields, and what was saved elsewhere into them since it was opened. */
function useItemForm({ kind, item, draft }: FormProps & { readonly draft: FormText | null }) {
  const { system } = useUnits()
  const name = formName({ kind, item })
  const opened = useMemo(() => formText(kind, item, system), [kind, item, system])
  const [base] = useState(item)
  /** What was saved elsewhere since this form was opened, field by field. */
  const since = useMemo(
    () => changedFields(opened, formText(kind, base, system)),
    [opened, kind, base, system],
  )
  /** What was saved elsewhere and one's own is to stand over, by field. */
  const [over, setOver] = useState<FormText>({})
  const clashes = (text: FormText): readonly string[] =>
    Object.keys(since).filter((field) => text[field] !== since[field] && over[field] !== since[field])
  const form = useForm<FormText>({
    values: opened,
    resetOptions: { keepDirtyValues: true },
    resolver: (text) => {
      const read = readForm(kind, item?.id ?? 'new', text, item, system)
      const wrong = 'item' in read ? {} : read.errors
      const clashing = clashes(text).map((field) => [field, 'Choose which of the two to keep.'] as const)
      const said = Object.entries({ ...Object.fromEntries(clashing), ...wrong })
      if (said.length === 0) return { values: text, errors: {} }
      const errors = said.map(([name, message]) => [name, { type: 'refused', message }] as const)
      return { values: {}, errors: Object.fromEntries(errors) }
    },
  })
  const kept = useFormDraft(name, form, opened, draft)
  const rows = (fields: readonly Field[]) =>
    fields.map((field) => {
      const name = fieldName(field.path)
      return (
        <FieldRow
          key={field.path}
          field={field}
          form={form}
          elsewhere={kept.elsewhere}
          saved={over[name] === since[name] ? undefined : since[name]}
          onKeep={() => {
            setOver({ ...over, [name]: since[name] ?? '' })
            form.clearErrors(name)
          }}
        />
      )
    })
  return { form, rows, ...kept }
}

function ItemForm(props: FormProps & { readonly draft: FormText | null }) {
  const { kind, item } = props
  const { system } = useUnits()
  const { form, rows, restored, giveUp } = useItemForm(props)
  const { save, remove, leave } = useItemDeeds(props, giveUp)
  const fill = (read: Item): void => {
    for (const [field, text] of Object.entries(formText(kind, read, system)))
      if (text !== '') form.setValue(field, text, { shouldDirty: true })
  }
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_23rem]">
      <form onSubmit={(event) => void form.handleSubmit(save)(event).catch(noticeFailed)} noValidate>
        <FormHead kind={kind} item={item} discard={restored ? () => void giveUp(true) : undefined} />
        {item === undefined && <ByOneLine kind={kind} onRead={fill} />}
        <FormBody kind={kind} item={item} form={form} rows={rows} />
        <div className="mt-6 flex flex-wrap gap-3">
          <Button type="submit" weight="strong">
            {item === undefined ? 'Add' : 'Save'}
          </Button>
          <Button onClick={leave}>Cancel</Button>
          {item !== undefined && (
            <span className="ml-auto flex gap-3">
              <Button onClick={() => duplicate(item)}>Duplicate</Button>
              <Button weight="danger" onClick={remove}>
                Delete
              </Button>
            </span>
          )}
        </div>
      </form>
      {item !== undefined && <AboutItem item={item} />}
    </div>
  )
}

/** Saving, deleting and leaving: each gives up what was typed and goes back to the list. */
function useItemDeeds({ kind, item }: FormProps, giveUp: ReturnType<typeof useItemForm>['giveUp']) {
  const { system } = useUnits()
  const navigate = useNavigate()
  return {
    save: async (text: FormText): Promise<void> => {
      const read = readForm(kind, item?.id ?? newId(text.name ?? kind), text, item, system)
      if (!('item' in read)) return
      const did =
        item === undefined
          ? await addItem(read.item)
          : await editRow(`Change ${read.item.name}`, 'items', item, read.item)
      if (item === undefined && !did) return
      await giveUp()
      noticeDone(`${read.item.name} ${item === undefined ? 'added' : 'saved'}`)
      await navigate(`/gear?kind=${kind}`)
    },
    remove: (): void => {
      if (item === undefined) return
      removeItems(`Delete ${item.name}`, [item.id]).then(() => {
        void giveUp()
        noticeDone(`${item.name} deleted`)
        void navigate('/gear')
      }, noticeFailed)
    },
    leave: (): void => void giveUp().then(() => navigate('/gear')),
  }
}

const AboutItem = ({ item }: { readonly item: Item }) => (
  <aside aria-label={`What this tells you about ${item.name}`} className="min-w-0 lg:pt-14">
    <Derived item={item} />
    {(item.kind === 'tip' || item.kind === 'sinking-leader') && <BucketTimer item={item} />}
    <Suits item={item} />
  </aside>
)

interface HeadProps extends FormProps {
  /** Gives up what was typed before; undefined where nothing was. */
  readonly discard: (() => void) | undefined
}

/** Where one is, and whether something typed before was found. */
const FormHead = ({ kind, item, discard }: HeadProps) => (
  <>
    <p className="text-[0.9rem] text-faint">
      <Link to="/gear" className="underline underline-offset-4">
        Gear
      </Link>{' '}
      / {KIND_NAMES[kind].many}
    </p>
    <h1 className="text-[1.7rem]">{item?.name ?? `New ${KIND_NAMES[kind].one}`}</h1>
    {discard !== undefined && (
      <p
        role="status"
        data-draft
        className="mt-2 flex flex-wrap items-center gap-x-3 border-l-[3px] border-river pl-3"
      >
        Restored what you typed but didn’t save.
        <Button weight="quiet" className="px-0" onClick={discard}>
          Discard
        </Button>
      </p>
    )}
  </>
)

interface BodyProps extends FormProps {
  readonly form: UseFormReturn<FormText>
  readonly rows: (fields: readonly Field[]) => ReactNode
}

/** The thing drawn, with its measures where they are taken; the essentials; and the rest. */
function FormBody({ kind, item, form, rows }: BodyProps) {
  const asked = FIELDS[kind].filter((f) => !f.unasked)
  const needed = asked.filter((f) => f.drawnAt === undefined && (f.required || f.early))
  const rest = asked.filter((f) => f.drawnAt === undefined && !f.required && !f.early)
  return (
    <>
      <figure className="mt-3 rounded-lg border border-rule bg-sheet px-3 pt-2 pb-3">
        <AsTyped kind={kind} item={item} form={form} />
        <div className="grid gap-x-4 gap-y-2 sm:grid-cols-3">
          {PLACES.map((place) => (
            <div key={place} className={`space-y-2 ${place === 'whole' ? 'sm:px-4' : ''}`}>
              {rows(asked.filter((f) => f.drawnAt === place))}
            </div>
          ))}
        </div>
      </figure>
      <fieldset className="mt-4 grid gap-x-5 gap-y-3 sm:grid-cols-2">
        <legend className="mb-1 text-sm text-faint">The essentials</legend>
        {rows(needed)}
      </fieldset>
      <fieldset className="mt-6 grid gap-x-5 gap-y-3 sm:grid-cols-2">
        <legend className="mb-1 text-sm text-faint">
          Optional. What you leave empty is estimated, and tagged so
        </legend>
        {rows(rest)}
      </fieldset>
    </>
  )
}

/** Measures stand under the drawing where they are taken on the thing: its rear, all of it, its front. */
const PLACES = ['rear', 'whole', 'front'] as const

/** The thing as it is typed just now; as long as that is nothing that can be, as it was before. */
function AsTyped({ kind, item, form }: FormProps & { readonly form: UseFormReturn<FormText> }) {
  const { system } = useUnits()
  const text = useWatch({ control: form.control })
  const read = readForm(kind, item?.id ?? 'new', text as FormText, item, system)
  const drawn = 'item' in read ? read.item : item
  return drawn === undefined ? (
    <p className="py-8 text-center text-faint">Type its measurements and it is drawn here.</p>
  ) : (
    <ItemPicture item={drawn} />
  )
}
