/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { bySlider, useHold } from './index.ts'

afterEach(cleanup)

interface Props {
  readonly onDrop: (m: number) => void
  readonly onHold: (m: number | undefined) => void
}
function Slide({ onDrop, onHold }: Props) {
  const { drawing, take, held } = useHold<number>({ moved: (_was, x) => x, onDrop, onHold })
  return (
    // biome-ignore lint/a11y/useSemanticElements: a drawing
    <svg {...drawing} role="group" aria-label="Drawing">
      <g
        role="slider"
        tabIndex={0}
        aria-label="Slide"
        aria-valuenow={held ?? 100}
        onPointerDown={take(100)}
        onKeyDown={bySlider({ now: 100, min: 0, max: 300, step: 2, onPut: onDrop })}
      />
    </svg>
  )
}

function slide() {
  const onDrop = jest.fn()
  const onHold = jest.fn()
  render(<Slide onDrop={onDrop} onHold={onHold} />)
  const [handle, drawing] = [screen.getByRole('slider'), screen.getByRole('group')]
  const take = (): boolean => fireEvent.pointerDown(handle, { pointerId: 1, clientX: 100, clientY: 5 })
  const to = (clientX: number, clientY = 5): boolean => fireEvent.pointerMove(drawing, { clientX, clientY })
  return { onDrop, onHold, handle, drawing, take, to }
}

describe('the one gesture', () => {
  test('a touch, and a hand that trembles, change nothing and judge nothing', () => {
    const { onDrop, onHold, drawing, take, to } = slide()
    take()
    fireEvent.pointerUp(drawing)
    take()
    to(102, 6)
    fireEvent.pointerUp(drawing)
    expect(onDrop).not.toHaveBeenCalled()
    expect(onHold.mock.calls.every(([m]) => m === undefined)).toBe(true)
  })
  test('what is held is shown and judged at once, and kept when it is let go', () => {
    const { onDrop, onHold, handle, drawing, take, to } = slide()
    take()
    to(140)
    expect(handle.getAttribute('aria-valuenow')).toBe('140')
    expect(onHold).toHaveBeenLastCalledWith(140)
    to(101)
    fireEvent.pointerUp(drawing)
    expect(onDrop.mock.calls).toEqual([[101]])
    expect(onHold).toHaveBeenLastCalledWith(undefined)
  })
  test.each(['Escape', 'cancel'])('%s leaves all as it was, and closes nothing else', (how) => {
    const { onDrop, onHold, handle, drawing, take, to } = slide()
    const beyond = jest.fn()
    addEventListener('keydown', beyond)
    take()
    to(140)
    if (how === 'Escape') fireEvent.keyDown(handle, { key: 'Escape' })
    else fireEvent.pointerCancel(drawing)
    to(200)
    fireEvent.pointerUp(drawing)
    removeEventListener('keydown', beyond)
    expect(beyond).not.toHaveBeenCalled()
    expect(onDrop).not.toHaveBeenCalled()
    expect(onHold).toHaveBeenLastCalledWith(undefined)
    expect(handle.getAttribute('aria-valuenow')).toBe('100')
  })
  test.each([
    ['ArrowUp', false, 102],
    ['ArrowLeft', true, 90],
    ['PageUp', false, 120],
    ['PageDown', false, 80],
    ['Home', false, 0],
    ['End', false, 300],
  ])('%s (with Shift %p) puts it at %p', (key, shiftKey, at) => {
    const { onDrop, handle } = slide()
    fireEvent.keyDown(handle, { key, shiftKey })
    fireEvent.keyDown(handle, { key: 'Tab' })
    expect(onDrop.mock.calls).toEqual([[at]])
  })
})
