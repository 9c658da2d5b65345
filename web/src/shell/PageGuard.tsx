import { Component, type ReactNode } from 'react'
import { Link } from 'react-router'
import { inWords, NothingKept } from '../store/index.ts'
import { buttonLook } from '../ui/index.ts'

interface Props {
  /** A new address is a new try. */
  readonly address: string
  readonly children: ReactNode
}

/** Catches a page that fails to draw, so that the rest of the tool stays in hand. */
export class PageGuard extends Component<Props, { readonly failed?: Error | undefined }> {
  override state: { readonly failed?: Error | undefined } = {}

  static getDerivedStateFromError(failed: Error): { failed: Error } {
    return { failed }
  }

  override componentDidUpdate(before: Props): void {
    if (before.address !== this.props.address && this.state.failed !== undefined)
      this.setState({ failed: undefined })
  }

  override render(): ReactNode {
    const { failed } = this.state
    return failed === undefined ? this.props.children : <Failed error={failed} />
  }
}

/** Notice of a page that failed; what is stored is untouched. */
function Failed({ error }: { readonly error: Error }) {
  const said = inWords(error) as Error
  return (
    <section role="alert" className="max-w-xl py-8">
      <h1 className="text-2xl">This page couldn’t be shown</h1>
      <p className="mt-3">
        {said instanceof NothingKept
          ? said.message
          : 'Your gear and settings are safe in this browser. Reloading usually helps.'}
      </p>
      {said === error && (
        <details className="mt-3 text-sm text-faint">
          <summary className="min-h-11 cursor-pointer content-center">Details</summary>
          {error.message}
        </details>
      )}
      <p className="mt-5">
        <button type="button" onClick={() => location.reload()} className={buttonLook('strong')}>
          Reload
        </button>
      </p>
    </section>
  )
}

export function NotFound() {
  return (
    <section className="p-6">
      <h1 className="text-2xl">There is nothing at this address</h1>
      <p className="mt-3">
        <Link to="/match" className={buttonLook('quiet')}>
          Go to Match
        </Link>
      </p>
    </section>
  )
}
