import type { Material } from '@hestiad/core'
import * as THREE from 'three'

/** What a surface is like: of what it is made, its color, and how much of what is behind it shows. */
export interface Look3D {
  readonly kind: Material | 'flame' | 'skin' | 'floor' | 'wall' | 'cloth' | 'leaf' | 'petal' | 'seat'
  readonly color: string
  readonly opacity?: number
}

/** How each kind takes the light: our own starting values; metals are half matte, since there is no room for them to mirror. */
const surface: Readonly<Record<Look3D['kind'], { readonly roughness: number; readonly metalness: number }>> = {
  porcelain: { roughness: 0.22, metalness: 0 },
  stoneware: { roughness: 0.55, metalness: 0 },
  glass: { roughness: 0.05, metalness: 0 },
  brass: { roughness: 0.38, metalness: 0.35 },
  steel: { roughness: 0.3, metalness: 0.35 },
  silver: { roughness: 0.28, metalness: 0.3 },
  wood: { roughness: 0.7, metalness: 0 },
  rattan: { roughness: 0.9, metalness: 0 },
  linen: { roughness: 0.95, metalness: 0 },
  cotton: { roughness: 0.95, metalness: 0 },
  wool: { roughness: 1, metalness: 0 },
  stone: { roughness: 0.8, metalness: 0 },
  wax: { roughness: 0.6, metalness: 0 },
  plant: { roughness: 0.75, metalness: 0 },
  dried: { roughness: 0.95, metalness: 0 },
  faux: { roughness: 0.7, metalness: 0 },
  paper: { roughness: 0.95, metalness: 0 },
  fruit: { roughness: 0.5, metalness: 0 },
  resin: { roughness: 0.4, metalness: 0 },
  flame: { roughness: 1, metalness: 0 },
  skin: { roughness: 0.9, metalness: 0 },
  floor: { roughness: 0.95, metalness: 0 },
  wall: { roughness: 1, metalness: 0 },
  cloth: { roughness: 0.97, metalness: 0 },
  leaf: { roughness: 0.7, metalness: 0 },
  petal: { roughness: 0.8, metalness: 0 },
  seat: { roughness: 0.9, metalness: 0 }
}

const thin = new Set<Look3D['kind']>(['leaf', 'petal', 'cloth'])
const woven = new Set<Look3D['kind']>(['cloth', 'linen', 'cotton', 'wool', 'rattan'])

/** What mirrors the light is worked out in full; the rest by its diffuse part alone, which software draws much faster. */
function shines(kind: Look3D['kind']): boolean {
  return surface[kind].metalness > 0 || surface[kind].roughness < 0.5
}

/** Materials by look, made once a scene. */
export function createMaterials() {
  const known = new Map<string, THREE.Material>()
  let weave: THREE.Texture | undefined
  return (look: Look3D): THREE.Material => {
    const key = JSON.stringify(look)
    const earlier = known.get(key)
    if (earlier) return earlier
    const material =
      look.kind === 'flame'
        ? new THREE.MeshBasicMaterial({ color: look.color, toneMapped: false })
        : shines(look.kind)
          ? new THREE.MeshStandardMaterial({ color: look.color, ...surface[look.kind] })
          : new THREE.MeshLambertMaterial({ color: look.color, side: thin.has(look.kind) ? THREE.DoubleSide : THREE.FrontSide })
    if (look.opacity !== undefined) Object.assign(material, { transparent: true, opacity: look.opacity, depthWrite: false })
    if (material instanceof THREE.MeshLambertMaterial && woven.has(look.kind)) material.map = weave ??= weaveTexture()
    known.set(key, material)
    return material
  }
}

/** A plain weave: threads over and under, light on dark. */
function weaveTexture(): THREE.Texture {
  const size = 64
  const data = new Uint8Array(size * size * 4)
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      const over = (Math.floor(x / 4) + Math.floor(y / 4)) % 2 === 0
      const across = over ? Math.abs((x % 4) - 1.5) : Math.abs((y % 4) - 1.5)
      data.set([0, 0, 0].map(() => 255 - 16 * across).concat(255), (y * size + x) * 4)
    }
  const texture = new THREE.DataTexture(data, size, size)
  texture.wrapS = texture.wrapT = THREE.RepeatWrapping
  texture.colorSpace = THREE.SRGBColorSpace
  texture.repeat.set(0.03, 0.03)
  texture.generateMipmaps = true
  texture.minFilter = THREE.LinearMipmapLinearFilter
  texture.needsUpdate = true
  return texture
}
