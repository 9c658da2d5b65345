import { useEffect, useRef } from 'react'
import type { Command } from './commands.ts'

const TYPING = 'input, textarea, select, [contenteditable]'
/** Longest wait for the second key of a pair [ms]. */
const PAIR_MS = 900

/** One or two plain keys run a command; never while typing or inside a dialog. */
export function useKeys(commands: readonly Command[], enabled: boolean): void {
  const first = useRef<{ key: string; at: number }>(undefined)
  useEffect(() => {
    if (!enabled) return
    const find = (keys: string): Command | undefined => commands.find((c) => c.keys === keys)
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target as Element | null
      const modified = event.ctrlKey || event.metaKey
      if (target?.closest(TYPING) || event.altKey) return
      const lower = event.key.toLowerCase()
      const pressed = modified && lower === 'z' ? (event.shiftKey ? 'y' : 'z') : modified ? '' : event.key
      const waiting = first.current
      const pair = waiting && event.timeStamp - waiting.at < PAIR_MS ? `${waiting.key} ${pressed}` : pressed
      const command = find(pair) ?? find(pressed)
      first.current =
        command === undefined && /^[a-z]$/.test(pressed) ? { key: pressed, at: event.timeStamp } : undefined
      if (command === undefined) return
      event.preventDefault()
      command.run()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [commands, enabled])
}
