import { Pause, Play, StepBack, StepForward } from 'lucide-react'
import { type ReactNode, useEffect, useRef, useSyncExternalStore } from 'react'
import type { SwingClock } from './clock.ts'

const STEP_S = 0.5
const TYPING = 'input:not([type=range]), textarea, select, [contenteditable], [role=dialog]'

/** Space, arrows, Home and End move the swing from anywhere on the page that is not being typed in. */
function useClockKeys(clock: SwingClock): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target as Element | null
      if (target?.closest(TYPING) || event.ctrlKey || event.metaKey || event.altKey) return
      const onButton = target?.closest('button, a, summary, [role=slider], input[type=range]')
      if (event.key === ' ' && !onButton) clock.toggle()
      else if (event.key === 'ArrowRight' && !onButton) clock.seek(clock.tS + STEP_S)
      else if (event.key === 'ArrowLeft' && !onButton) clock.seek(clock.tS - STEP_S)
      else if (event.key === 'Home' && !onButton) clock.seek(0)
      else if (event.key === 'End' && !onButton) clock.seek(clock.endS)
      else return
      event.preventDefault()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [clock])
}

interface Props {
  readonly clock: SwingClock
}

/** Play, scrub and step. */
export function Player({ clock }: Props) {
  const playing = useSyncExternalStore(clock.subscribe, () => clock.playing)
  const rate = useSyncExternalStore(clock.subscribe, () => clock.rate)
  useClockKeys(clock)
  useEffect(() => () => clock.pause(), [clock])
  return (
    <div className="no-print flex flex-wrap items-center gap-1 py-1 sm:flex-nowrap">
      <button
        type="button"
        onClick={() => clock.toggle()}
        className="inline-flex h-11 w-24 items-center justify-center gap-2 rounded-md bg-river font-semibold text-sheet"
      >
        {playing ? <Pause size={18} aria-hidden="true" /> : <Play size={18} aria-hidden="true" />}
        {playing ? 'Pause' : 'Play'}
      </button>
      <Step label="Half a second back" onClick={() => clock.seek(clock.tS - STEP_S)}>
        <StepBack size={18} aria-hidden="true" />
      </Step>
      <Scrub clock={clock}>
        <Step label="Half a second on" onClick={() => clock.seek(clock.tS + STEP_S)}>
          <StepForward size={18} aria-hidden="true" />
        </Step>
      </Scrub>
      <button
        type="button"
        onClick={() => clock.changeRate()}
        aria-label={`Played ${rate} times as fast as the river. Change`}
        className="h-11 w-14 rounded font-semibold hover:bg-shoal"
      >
        × {rate}
      </button>
    </div>
  )
}

/** The slider and the seconds, which follow the clock without rendering anew; what stands between them. */
function Scrub({ clock, children }: Props & { readonly children: ReactNode }) {
  const slider = useRef<HTMLInputElement>(null)
  const seconds = useRef<HTMLOutputElement>(null)
  const endS = useSyncExternalStore(clock.subscribe, () => clock.endS)
  useEffect(() => {
    const show = (): void => {
      if (slider.current !== null) slider.current.value = String(clock.tS)
      if (seconds.current !== null) seconds.current.value = `${clock.tS.toFixed(1)} s`
    }
    show()
    return clock.subscribe(show)
  }, [clock])
  return (
    <>
      <input
        ref={slider}
        type="range"
        min={0}
        max={endS}
        step={0.1}
        defaultValue={clock.tS}
        onChange={(event) => {
          clock.pause()
          clock.seek(Number(event.target.value))
        }}
        aria-label="Time in the swing, in seconds"
        className="order-last h-11 w-full min-w-0 sm:order-none sm:w-auto sm:flex-1"
      />
      {children}
      <output
        ref={seconds}
        className="ml-auto w-16 text-right font-semibold sm:ml-0"
        aria-label="Seconds since the line landed"
      />
    </>
  )
}

function Step({
  label,
  onClick,
  children,
}: {
  readonly label: string
  readonly onClick: () => void
  readonly children: ReactNode
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      className="grid size-11 shrink-0 place-items-center rounded hover:bg-shoal"
    >
      {children}
    </button>
  )
}
