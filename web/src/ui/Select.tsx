import { useId } from 'react'
import { fieldLook } from './fieldLook.ts'

interface Props<T extends string> {
  readonly label: string
  readonly value: T
  readonly options: readonly (readonly [value: T, name: string])[]
  readonly onChange: (value: T) => void
  /** Said only to those who do not see it: what is beside it says the same. */
  readonly bare?: boolean
}

/** One of a few, by a labelled list. */
export function Select<T extends string>({ label, value, options, onChange, bare = false }: Props<T>) {
  const id = useId()
  return (
    <div>
      <label htmlFor={id} className={bare ? 'sr-only' : 'block text-sm text-faint'}>
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => {
          const chosen = options.find(([key]) => key === event.target.value)
          if (chosen !== undefined) onChange(chosen[0])
        }}
        className={fieldLook}
      >
        {options.map(([key, name]) => (
          <option key={key} value={key}>
            {name}
          </option>
        ))}
      </select>
    </div>
  )
}
