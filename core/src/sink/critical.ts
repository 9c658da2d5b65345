/**
 * Angle to the flow [rad] at which a long line settles in a uniform stream: cos φ = √(1 + q²/4) − q/2, where
 * q = (V/U)² is weight in water over normal drag. The classical towed-cable result (Glauert 1930; Pode 1951). [physics]
 * @param sinkRate V, still-water sink rate [m/s], [0, ∞)
 * @param currentMps U [m/s], [0, ∞); 0 hangs straight down
 * @example criticalAngle(0.1, 0.2) // 0.489 rad, 28.0°
 * @internal asked for by tests alone
 */
export function criticalAngle(sinkRate: number, currentMps: number): number {
  if (sinkRate <= 0) return 0
  if (currentMps <= 0) return Math.PI / 2
  const q = (sinkRate / currentMps) ** 2
  // Written as a quotient so that a large q does not cancel to nothing.
  return Math.acos(1 / (Math.sqrt(1 + (q * q) / 4) + q / 2))
}
