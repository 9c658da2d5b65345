import type { Field } from '@hoxen/core/gear'
import { unitFor, withUnit } from '@hoxen/core/quantity'
import { sayChoice } from '@hoxen/core/words'
import type { FocusEvent } from 'react'
import { type UseFormReturn, useWatch } from 'react-hook-form'
import { Button, fieldLook, useUnits } from '../../ui/index.ts'
import { type FormText, fieldName } from './itemForm.ts'

interface RowProps {
  readonly field: Field
  readonly form: UseFormReturn<FormText>
  /** Text typed in another tab into the same field. */
  readonly elsewhere: FormText
  /** Text saved elsewhere since the form was opened; undefined where nothing was, or one's own is to stand. */
  readonly saved: string | undefined
  readonly onKeep: () => void
}

/** What the input of a field needs: its place in the form, and what is said of it. */
function useInput({ field, form }: RowProps) {
  const { system } = useUnits()
  const name = fieldName(field.path)
  const error = form.formState.errors[name]?.message
  const about = [
    ...(error === undefined ? [] : [`${name}-error`]),
    ...(field.help === undefined ? [] : [`${name}-help`]),
  ].join(' ')
  const common = {
    id: name,
    className: fieldLook,
    'aria-invalid': error !== undefined,
    ...(about === '' ? {} : { 'aria-describedby': about }),
    ...form.register(name),
  }
  /** A bare figure is given the unit it has, so that another face makes no other figure of it. */
  const leave = (event: FocusEvent<HTMLInputElement>): void => {
    void common.onBlur(event)
    if (field.type.as !== 'quantity') return
    const said = withUnit(event.target.value, unitFor(field.type.measure, system))
    if (said !== event.target.value) form.setValue(name, said, { shouldDirty: true })
  }
  return { name, error, common, leave }
}

/** One field of an item, with what is wrong with it, and what another tab has typed or saved there. */
export function FieldRow(props: RowProps) {
  const { field, form, elsewhere, saved, onKeep } = props
  const { name, error, common, leave } = useInput(props)
  return (
    <div className={field.path === 'notes' ? 'sm:col-span-2' : ''}>
      <label htmlFor={name} className="text-[0.92rem] font-medium">
        {field.label}
      </label>
      {field.type.as === 'choice' ? (
        <select {...common}>
          <option value="">{field.required ? 'choose…' : 'not known'}</option>
          {field.type.options.map((option) => (
            <option key={option} value={option}>
              {sayChoice(option)}
            </option>
          ))}
        </select>
      ) : (
        <input autoComplete="off" {...common} onBlur={leave} />
      )}
      {field.help !== undefined && (
        <p id={`${name}-help`} className="mt-0.5 text-[0.83rem] text-faint">
          {field.help}
        </p>
      )}
      <Clash form={form} name={name} saved={saved} onKeep={onKeep} />
      {elsewhere[name] !== undefined && (
        <p role="status" data-elsewhere className="mt-0.5 text-[0.88rem] font-medium text-watch">
          Another tab is editing this too: “{elsewhere[name]}”. Whoever saves second is asked.
        </p>
      )}
      {error !== undefined && (
        <p id={`${name}-error`} role="alert" className="mt-0.5 text-[0.92rem] font-medium text-breaks">
          {error}
        </p>
      )}
    </div>
  )
}

interface ClashProps extends Pick<RowProps, 'form' | 'saved' | 'onKeep'> {
  readonly name: string
}

/** A field that was saved elsewhere while it was typed in here: both are shown, and one of them stands. */
function Clash({ form, name, saved, onKeep }: ClashProps) {
  const typed = useWatch({ control: form.control, name })
  if (saved === undefined || typed === saved) return null
  const shown = (text: string | undefined): string =>
    text === undefined || text === '' ? 'nothing' : `“${text}”`
  return (
    <p role="status" data-clash className="mt-0.5 text-[0.92rem] font-medium text-watch">
      Saved in another tab meanwhile: {shown(saved)}; typed here: {shown(typed)}.
      <Button
        weight="quiet"
        onClick={() => form.setValue(name, saved, { shouldDirty: true, shouldValidate: true })}
      >
        Use theirs
      </Button>
      <Button weight="quiet" onClick={onKeep}>
        Use mine
      </Button>
    </p>
  )
}
