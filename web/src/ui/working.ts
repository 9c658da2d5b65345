/** The page is idle when nothing has been computed or waited for since this long [ms]: one answer often asks the next question. */
const SETTLES_MS = 150

let running = 0
let settle: ReturnType<typeof setTimeout> | undefined

function mark(idle: boolean): void {
  document.documentElement.dataset.idle = String(idle)
}

/** Says that something is being computed, which the page shows as `data-idle`. @returns says that it is done */
export function working(): () => void {
  let done = false
  running++
  clearTimeout(settle)
  mark(false)
  return () => {
    if (done) return
    done = true
    running--
    clearTimeout(settle)
    if (running === 0) settle = setTimeout(() => mark(true), SETTLES_MS)
  }
}
