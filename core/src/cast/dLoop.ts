/**
 * Perimeter of an ellipse with semi-axes a ≥ b > 0, exact, by the arithmetic–geometric mean (Gauss):
 * 2π (a² − Σ 2ⁿ⁻¹ cₙ²) / M(a, b). [physics]
 */
function ellipsePerimeter(a: number, b: number): number {
  let x = a
  let y = b
  let squares = (a * a + b * b) / 2
  // The mean converges quadratically: 30 rounds are far beyond double precision, even for a flat ellipse.
  for (let power = 1, i = 0; i < 30 && x - y > 1e-15 * x; i++, power *= 2) {
    const half = (x - y) / 2
    squares -= power * half * half
    const mean = (x + y) / 2
    y = Math.sqrt(x * y)
    x = mean
  }
  return (2 * Math.PI * squares) / x
}

export type DLoopResult =
  | { readonly outcome: 'found'; readonly depthM: number }
  | { readonly outcome: 'no-loop' }

/**
 * Room behind the rod tip that a D loop takes [m]: half an ellipse over the height of the tip, whose arc is the line in
 * the loop. `no-loop` when the line is no longer than the tip is high.
 * @param tipHeightM [m], (0, 10] @param arcM line in the loop [m], (0, 40]
 */
export function dLoopDepth(tipHeightM: number, arcM: number): DLoopResult {
  if (!(arcM > tipHeightM)) return { outcome: 'no-loop' }
  let low = 0
  let high = arcM
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2
    const half = ellipsePerimeter(Math.max(tipHeightM / 2, middle), Math.min(tipHeightM / 2, middle)) / 2
    if (half < arcM) low = middle
    else high = middle
  }
  return { outcome: 'found', depthM: (low + high) / 2 }
}
