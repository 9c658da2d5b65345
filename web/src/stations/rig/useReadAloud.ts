import { useCallback, useEffect, useRef, useState } from 'react'

/** A voice that speaks on this device; one that asks a service is never used. */
const localVoice = (): SpeechSynthesisVoice | undefined =>
  typeof speechSynthesis === 'undefined'
    ? undefined
    : speechSynthesis
        .getVoices()
        .find(({ localService, lang }) => localService && lang.toLowerCase().startsWith('en'))

interface ReadAloud {
  /** Whether this device has a voice of its own. */
  readonly able: boolean
  /** Place being read; undefined in silence. */
  readonly at: number | undefined
  /** Reads sentences in order from one on. */
  readonly start: (from: number) => void
  readonly stop: () => void
}

/** Reads sentences aloud one after another, by a voice of the device itself. */
export function useReadAloud(sentences: readonly string[]): ReadAloud {
  const [voice, setVoice] = useState(localVoice)
  const [at, setAt] = useState<number>()
  const latest = useRef(sentences)
  latest.current = sentences
  useEffect(() => {
    if (typeof speechSynthesis === 'undefined') return
    const look = (): void => setVoice(localVoice())
    speechSynthesis.addEventListener('voiceschanged', look)
    return () => {
      speechSynthesis.removeEventListener('voiceschanged', look)
      speechSynthesis.cancel()
    }
  }, [])
  const stop = useCallback(() => {
    setAt(undefined)
    speechSynthesis.cancel()
  }, [])
  const start = useCallback(
    (from: number): void => {
      const sentence = latest.current[from]
      const able = sentence !== undefined && voice !== undefined
      setAt(able ? from : undefined)
      if (!able) return
      const spoken = new SpeechSynthesisUtterance(sentence)
      spoken.voice = voice
      spoken.rate = 0.95
      // Cancelled, it ends with an error; the next is read only after one that was heard out.
      spoken.onend = () => start(from + 1)
      speechSynthesis.speak(spoken)
    },
    [voice],
  )
  return { able: voice !== undefined, at, start, stop }
}
