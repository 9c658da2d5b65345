import RAPIER from '@dimforge/rapier3d-compat'
import type { Lumps } from './chainForces.ts'

/** The chain in a general physics engine: ball bodies joined by rope joints, the same forces applied each step. */
export async function rapierChain(
  lumps: Lumps,
  stepS: number,
  seconds: number,
): Promise<{ flyM: number[]; ms: number }> {
  await RAPIER.init()
  const world = new RAPIER.World({ x: 0, y: 0, z: 0 })
  world.timestep = stepS
  const last = lumps.count - 1
  const bodies = Array.from({ length: lumps.count }, (_, i) => {
    const desc = i === last ? RAPIER.RigidBodyDesc.fixed() : RAPIER.RigidBodyDesc.dynamic()
    desc
      .setTranslation(lumps.startM[3 * i] ?? 0, lumps.startM[3 * i + 1] ?? 0, lumps.startM[3 * i + 2] ?? 0)
      .setAdditionalMass(lumps.massKg[i] ?? 0)
      .lockRotations()
      .setCanSleep(false)
    return world.createRigidBody(desc)
  })
  for (let i = 0; i < last; i++) {
    const [near, far] = [bodies[i], bodies[i + 1]]
    if (near === undefined || far === undefined) continue
    const zero = { x: 0, y: 0, z: 0 }
    world.createImpulseJoint(RAPIER.JointData.rope(lumps.lengthM[i] ?? 0, zero, zero), near, far, true)
  }
  const place = new Float64Array(3 * lumps.count)
  const speed = new Float64Array(3 * lumps.count)
  const out = [0, 0, 0]
  const start = performance.now()
  for (let step = 0; step < seconds / stepS; step++) {
    bodies.forEach((body, i) => {
      const { x, y, z } = body.translation()
      const v = body.linvel()
      place.set([x, y, z], 3 * i)
      speed.set([v.x, v.y, v.z], 3 * i)
    })
    for (let i = 0; i < last; i++) {
      lumps.force(i, place, speed, out)
      const [x = 0, y = 0, z = 0] = out
      bodies[i]?.resetForces(false)
      bodies[i]?.addForce({ x, y, z }, true)
    }
    world.step()
  }
  const ms = performance.now() - start
  const fly = bodies[0]?.translation() ?? { x: 0, y: 0, z: 0 }
  world.free()
  return { flyM: [fly.x, fly.y, fly.z], ms }
}
