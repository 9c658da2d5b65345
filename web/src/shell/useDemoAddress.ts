import { useEffect } from 'react'
import { useLocation, useNavigate, useSearchParams } from 'react-router'
import { hasGear, noticeFailed, useDemoThere } from '../store/index.ts'
import { loadDemo } from './keeping.ts'

/** Opens the demo when the address asks for it and nothing would be overwritten. */
export function useDemoAddress(): void {
  const [params, setParams] = useSearchParams()
  const there = useDemoThere()
  const navigate = useNavigate()
  const { pathname } = useLocation()
  const wanted = params.has('demo') || new URLSearchParams(location.search).has('demo')
  useEffect(() => {
    // On the way to the first station the address is still that of none: setting it would go back there, to an empty page.
    if (!wanted || there === undefined || pathname === '/') return
    history.replaceState(history.state, '', `${location.pathname}${location.hash}`)
    setParams(
      (old) => {
        old.delete('demo')
        return old
      },
      { replace: true },
    )
    hasGear().then((has) => {
      if (!has) loadDemo()
      // One's own is never put aside unasked.
      else if (there?.demo === false) void navigate('/settings?ask-demo')
    }, noticeFailed)
  }, [wanted, setParams, there, navigate, pathname])
}
