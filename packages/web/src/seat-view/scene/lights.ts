import type { Side } from '@hestiad/core'
import * as THREE from 'three'
import type { FlameAt } from './pieceParts.js'

export const hours = ['day', 'dusk', 'candle'] as const
export type Hour = (typeof hours)[number]

/** Sky and ground, the sun or the lamp, and how bright the whole is: our own starting values. */
const moods: Readonly<
  Record<
    Hour,
    {
      readonly sky: string
      readonly ground: string
      readonly ambient: number
      readonly sun: string
      readonly sunPower: number
      readonly wall: string
      readonly floor: string
      readonly flame: number
      /** A lamp turned low. */
      readonly lamp: number
    }
  >
> = {
  day: { sky: '#fdfaf2', ground: '#c9bba4', ambient: 1.9, sun: '#fff6e4', sunPower: 1.9, wall: '#efe7d8', floor: '#a08a6c', flame: 0.01, lamp: 0 },
  dusk: { sky: '#b9b6cc', ground: '#7d6a58', ambient: 0.75, sun: '#ffc996', sunPower: 0.9, wall: '#b7aa9d', floor: '#6d5a47', flame: 0.07, lamp: 0.9 },
  candle: { sky: '#8a6f52', ground: '#38291d', ambient: 0.42, sun: '#ffb070', sunPower: 0.12, wall: '#3d2f25', floor: '#2c2119', flame: 0.11, lamp: 0.7 }
}

/** A shade opens downward by so much to each side of straight down. */
const LAMP_CONE = 0.95

/** At most so many flames are lights of their own; the others glow without lighting. */
const MOST_FLAMES = 3

export function moodOf(hour: Hour) {
  return moods[hour]
}

/** Lights of an hour: daylight from the window's side with shadows, the lamp so high above the tabletop, and the flames in kelvin-warm points. */
export function addLights(root: THREE.Object3D, hour: Hour, from: Side | null, flames: readonly FlameAt[], lampMm: number | null, halfMm: number): void {
  const mood = moods[hour]
  const hemisphere = new THREE.HemisphereLight(mood.sky, mood.ground, mood.ambient)
  hemisphere.position.set(0, 0, 1)
  const sun = new THREE.DirectionalLight(mood.sun, mood.sunPower)
  const [x, y] = from === null ? [-0.5, 0.6] : { north: [0.2, 1], south: [0.2, -1], east: [1, 0.2], west: [-1, 0.2] }[from]
  sun.position.set(x! * 2500, y! * 2500, 2600)
  sun.castShadow = true
  sun.shadow.mapSize.set(1024, 1024)
  const reach = (halfMm + 500) / 1000
  Object.assign(sun.shadow.camera, { left: -reach, right: reach, top: reach, bottom: -reach, near: 0.1, far: 9 })
  sun.shadow.bias = -0.002
  sun.shadow.normalBias = 0.01
  root.add(hemisphere, sun)
  if (lampMm !== null && mood.lamp > 0) {
    const lamp = new THREE.SpotLight('#ffd2a0', mood.lamp, 6, LAMP_CONE, 0.7, 1.4)
    lamp.position.set(0, 0, lampMm)
    lamp.target.position.set(0, 0, 0)
    root.add(lamp, lamp.target)
  }
  spreadOut(flames).forEach((flame) => {
    // candela of a candle is about 1; the point's power is scaled by how many stand for all
    const light = new THREE.PointLight('#ffc48a', (mood.flame * flames.length) / Math.min(flames.length, MOST_FLAMES), 5, 1.2)
    light.position.set(flame.x, flame.y, flame.z)
    root.add(light)
  })
}

/** A few flames far apart that stand for all. */
function spreadOut(flames: readonly FlameAt[]): FlameAt[] {
  const sorted = [...flames].sort((a, b) => a.x - b.x)
  if (sorted.length <= MOST_FLAMES) return sorted
  return Array.from({ length: MOST_FLAMES }, (_, i) => sorted[Math.round((i * (sorted.length - 1)) / (MOST_FLAMES - 1))]!)
}
