import { Button } from './Button.tsx'

/** Something that could not be worked out, and the way to try again. */
export function Failed({ error, retry }: { readonly error: Error; readonly retry: () => void }) {
  return (
    <p role="alert" className="my-4 font-medium text-breaks print:hidden">
      {error.message}{' '}
      <Button weight="quiet" onClick={retry}>
        Try again
      </Button>
    </p>
  )
}
