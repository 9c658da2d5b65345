interface Props<T extends string> {
  readonly legend: string
  readonly value: T
  readonly options: readonly (readonly [value: T, name: string])[]
  readonly onChoose: (value: T) => void
}

/** One of a few, all in view. */
export function OneOf<T extends string>({ legend, value, options, onChoose }: Props<T>) {
  return (
    <fieldset>
      <legend className="text-sm text-faint">{legend}</legend>
      <div className="flex flex-wrap gap-x-5">
        {options.map(([option, name]) => (
          <label key={option} className="flex min-h-11 items-center gap-2">
            <input
              type="radio"
              name={legend}
              checked={value === option}
              onChange={() => onChoose(option)}
              className="size-4"
            />
            {name}
          </label>
        ))}
      </div>
    </fieldset>
  )
}
