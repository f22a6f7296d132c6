import { fromFrame, guestEyes, type Look, type SeatPlan } from '@hestiad/core'
import * as THREE from 'three'
import { ball, block, turned, type Parts } from './parts.js'

/** Chairs, and the other guests as quiet busts, so that one sees who is hidden; `without` has the numbers of those left out. */
export function addPeople(parts: Parts, look: Look, plan: SeatPlan, without: ReadonlySet<number>): void {
  const eyes = guestEyes(plan, look.table)
  const seatZ = look.table.seatHeightMm - look.table.heightMm
  plan.places.forEach((place, i) => {
    const wood = { kind: 'seat', color: '#b59a78' } as const
    const seat = fromFrame(place, { x: 0, y: -170 })
    parts.add(block(430, 400, 40), wood, { ...seat, z: seatZ - 40, turnRad: place.turnRad })
    if (look.table.chair.kind !== 'bench' && !without.has(place.number))
      parts.add(block(430, 30, 430), wood, { ...fromFrame(place, { x: 0, y: -380 }), z: seatZ, turnRad: place.turnRad })
    if (without.has(place.number)) return
    const eye = eyes[i]!
    const child = plan.guests[i]?.body.kind === 'child'
    const k = child ? 0.8 : 1
    const skin = { kind: 'skin', color: '#c9b7a3' } as const
    const wear = { kind: 'skin', color: '#8f8578' } as const
    const chin = eye.z - 118 * k
    parts.add(ball(82 * k, 1.32, 3), skin, { x: eye.x, y: eye.y, z: eye.z - 10 })
    parts.add(new THREE.CylinderGeometry(46 * k, 52 * k, 90 * k, 14).rotateX(Math.PI / 2), skin, { x: eye.x, y: eye.y, z: chin - 10 })
    const shoulders = turned(
      [
        [0.1, -320 * k],
        [120 * k, -320 * k],
        [150 * k, -160 * k],
        [185 * k, -40 * k],
        [120 * k, -6 * k],
        [50 * k, 20 * k]
      ],
      22
    ).scale(1, 0.55, 1)
    parts.add(shoulders, wear, { x: eye.x, y: eye.y, z: chin - 60 * k, turnRad: place.turnRad })
  })
}
