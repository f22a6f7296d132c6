import * as THREE from 'three'
import { buildScene, disposeScene, type SceneOptions } from './buildScene.js'
import { hours, type Hour } from './scene/lights.js'
import type { Viewpoint } from './viewpoint.js'

export { hours, type Hour }

/** Across the screen one sees about as much as at a table: vertical field of view. */
const FIELD_DEG = 48
/** Exposure by the hour: eyes get used to the dark. */
const exposure: Readonly<Record<Hour, number>> = { day: 1, dusk: 1.15, candle: 2.1 }

/**
 * A renderer on a canvas that draws when it is asked and never in a loop.
 *
 * @throws Error where there is no WebGL
 */
export function createRenderer(canvas: HTMLCanvasElement) {
  const renderer = new THREE.WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true })
  renderer.shadowMap.enabled = true
  renderer.shadowMap.type = THREE.PCFShadowMap
  renderer.shadowMap.autoUpdate = false
  renderer.toneMapping = THREE.ACESFilmicToneMapping
  const camera = new THREE.PerspectiveCamera(FIELD_DEG, 1, 0.05, 12)
  let scene: THREE.Scene | undefined
  /** The one before, until the new one is drawn: what is disposed of first takes along the compiled shaders that the new one would use again. */
  let former: THREE.Scene | undefined
  let hour: Hour = 'day'

  function show(options: SceneOptions): void {
    letGo()
    former = scene
    scene = buildScene(options)
    hour = options.hour
    renderer.shadowMap.needsUpdate = true
  }

  /** Draws from a viewpoint; `quick` at half the fineness, while the head turns. */
  function draw(view: Viewpoint, width: number, height: number, quick: boolean): void {
    if (!scene) return
    renderer.setPixelRatio(quick ? 0.5 : Math.min(1.5, window.devicePixelRatio))
    renderer.setSize(width, height, false)
    renderer.toneMappingExposure = exposure[hour]
    camera.aspect = width / height
    camera.updateProjectionMatrix()
    camera.position.copy(inMeters(view.eye))
    camera.lookAt(inMeters(view.at))
    renderer.render(scene, camera)
    letGo()
    // waits until the picture is there, so that what is told of its time is true
    const gl = renderer.getContext()
    gl.readPixels(0, 0, 1, 1, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(4))
  }

  /** The scene as a binary glTF file. */
  async function exportGltf(): Promise<Blob> {
    const { GLTFExporter } = await import('three/examples/jsm/exporters/GLTFExporter.js')
    const data = await new GLTFExporter().parseAsync(scene!, { binary: true, onlyVisible: true })
    return new Blob([data as ArrayBuffer], { type: 'model/gltf-binary' })
  }

  function letGo(): void {
    if (former) disposeScene(former)
    former = undefined
  }

  function dispose(): void {
    letGo()
    if (scene) disposeScene(scene)
    renderer.dispose()
  }
  return { show, draw, exportGltf, dispose }
}

export type Renderer = ReturnType<typeof createRenderer>

/** Table millimeters, z up, as meters, y up. */
function inMeters({ x, y, z }: { readonly x: number; readonly y: number; readonly z: number }): THREE.Vector3 {
  return new THREE.Vector3(x / 1000, z / 1000, -y / 1000)
}
