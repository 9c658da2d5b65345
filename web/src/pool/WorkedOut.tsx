interface Props {
  readonly done: number
  readonly of: number
  readonly failed: string | undefined
}

/** Number of a page's swings that are computed, and what stopped the rest. */
export const WorkedOut = ({ done, of, failed }: Props) => (
  <>
    <progress
      value={done}
      max={of}
      aria-label="Swings done"
      className={`h-1 w-full ${done < of ? '' : 'invisible'}`}
    />
    {failed !== undefined && (
      <p role="alert" className="font-medium text-breaks">
        {failed} The swings done so far stay.
      </p>
    )}
  </>
)
