import { useLocation, useNavigate, useSearchParams } from 'react-router'

interface InAddress {
  /** What is open; null when nothing is. */
  readonly open: string | null
  readonly show: (what: string) => void
  readonly close: () => void
}

/** Whether another address was gone to meanwhile: a sheet that goes with its page says that it closes, too. */
const isLeft = (name: string): boolean => {
  const [, query] = location.hash.split('?')
  return location.hash !== '' && !new URLSearchParams(query).has(name)
}

/** A sheet that has an address: to open it is a step of the way, and Back closes it. @param name its word in the address */
export function useInAddress(name: string): InAddress {
  const [params, setParams] = useSearchParams()
  const { state } = useLocation()
  const navigate = useNavigate()
  const open = params.get(name)
  return {
    open,
    show: (what) =>
      setParams(
        (old) => {
          old.set(name, what)
          return old
        },
        { state: { shown: name } },
      ),
    close: () => {
      if (open === null || isLeft(name)) return
      if ((state as { readonly shown?: string } | null)?.shown === name) void navigate(-1)
      else
        setParams(
          (old) => {
            old.delete(name)
            return old
          },
          { replace: true },
        )
    },
  }
}
