import { useId } from 'react'

interface Props {
  readonly label: string
  readonly accept: string
  readonly onFile: (file: File) => void
  /** What was wrong with the last one. */
  readonly said?: readonly string[]
}

/** A file of the angler's, and what was wrong with it; the same one can be taken again once it is mended. */
export function FileField({ label, accept, onFile, said = [] }: Props) {
  const id = useId()
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-sm text-faint">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept={accept}
        aria-describedby={said.length > 0 ? `${id}-said` : undefined}
        onChange={(event) => {
          const [file] = event.target.files ?? []
          if (file !== undefined) onFile(file)
          event.target.value = ''
        }}
        className="mt-1 block min-h-11 w-full text-sm file:mr-3 file:min-h-11 file:rounded-md file:border file:border-ink/60 file:bg-sheet file:px-3"
      />
      {said.length > 0 && (
        <ul id={`${id}-said`} role="alert" className="mt-1 text-sm font-medium text-breaks">
          {said.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      )}
    </div>
  )
}
