import {
  AmbientLight,
  Box3,
  Color,
  DirectionalLight,
  type Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  type MeshStandardMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js'

export interface RoundStage {
  show: (glb: ArrayBuffer) => Promise<void>
  light: (partId: string | null) => void
  leave: () => void
}

/** Half as many pixels each way while the flower is being turned (other shares are scaled much more slowly); more than there are once it rests, so that edges are smooth. */
const TURNING_PIXELS = 0.5
const RESTING_PIXELS = 2
const RESTS_MS = 180

const LIT = new Color('#12475f')

/** A stage for one flower, drawn on demand: when it is shown, turned, lit, or its frame changes size. */
export function roundStage(canvas: HTMLCanvasElement, choose: (partId: string) => void): RoundStage {
  const renderer = new WebGLRenderer({ canvas, antialias: false, alpha: true })
  const scene = new Scene()
  const camera = new PerspectiveCamera(30, 1, 0.001, 10)
  const controls = new OrbitControls(camera, canvas)
  const loader = new GLTFLoader()
  let flower: Group | undefined
  let waiting = 0
  let resting: ReturnType<typeof setTimeout> | undefined

  scene.add(new AmbientLight('#ffffff', 1.5))
  for (const [x, y, z, strength] of [
    [1, 2, 1.5, 2.2],
    [-1.5, 1, -1, 0.8],
  ] as const) {
    const lamp = new DirectionalLight('#ffffff', strength)
    lamp.position.set(x, y, z)
    scene.add(lamp)
  }
  camera.position.set(0.02, 0.16, 0.2)
  controls.enablePan = false
  controls.listenToKeyEvents(canvas)

  function draw() {
    waiting = 0
    renderer.render(scene, camera)
  }

  function soon() {
    if (!waiting) waiting = requestAnimationFrame(draw)
  }

  function fit(pixels: number) {
    const { clientWidth, clientHeight } = canvas
    if (!clientWidth || !clientHeight) return
    renderer.setPixelRatio(pixels)
    flower?.traverse((thing) => {
      if (thing instanceof LineSegments) thing.visible = pixels !== TURNING_PIXELS
    })
    renderer.setSize(clientWidth, clientHeight, false)
    camera.aspect = clientWidth / clientHeight
    camera.updateProjectionMatrix()
    soon()
  }

  const rest = () => fit(Math.max(RESTING_PIXELS, window.devicePixelRatio))
  const restSoon = () => {
    clearTimeout(resting)
    resting = setTimeout(rest, RESTS_MS)
  }
  /** While a hand is on it, it does not rest, however long a frame takes. */
  let held = false
  controls.addEventListener('start', () => {
    held = true
    clearTimeout(resting)
  })
  controls.addEventListener('end', () => {
    held = false
    restSoon()
  })
  controls.addEventListener('change', () => {
    if (renderer.getPixelRatio() !== TURNING_PIXELS) fit(TURNING_PIXELS)
    if (!held) restSoon()
    soon()
  })
  const frame = new ResizeObserver(rest)
  frame.observe(canvas)

  const ray = new Raycaster()
  let pressed: [number, number] = [0, 0]
  const onDown = (event: PointerEvent) => (pressed = [event.clientX, event.clientY])
  const onUp = (event: PointerEvent) => {
    if (!flower || Math.hypot(event.clientX - pressed[0], event.clientY - pressed[1]) > 4) return
    const box = canvas.getBoundingClientRect()
    const at = new Vector2(((event.clientX - box.left) / box.width) * 2 - 1, 1 - ((event.clientY - box.top) / box.height) * 2)
    ray.setFromCamera(at, camera)
    const hit = ray.intersectObject(flower, true)[0]
    if (hit) choose(hit.object.name)
  }
  canvas.addEventListener('pointerdown', onDown)
  canvas.addEventListener('pointerup', onUp)

  function discard(group: Group) {
    scene.remove(group)
    group.traverse((thing) => {
      if (thing instanceof Mesh || thing instanceof LineSegments) {
        thing.geometry.dispose()
        ;(thing.material as MeshLambertMaterial | LineBasicMaterial).dispose()
      }
    })
  }

  async function show(glb: ArrayBuffer) {
    const { scene: shown } = await loader.parseAsync(glb, '')
    shown.traverse((thing) => {
      // Each part has a material of its own, so that one can be lit alone; a matt one, which paste is and which draws fast.
      if (thing instanceof Mesh) {
        const { color, vertexColors, side } = thing.material as MeshStandardMaterial
        thing.material = new MeshLambertMaterial({
          color,
          vertexColors,
          side,
          polygonOffset: true,
          polygonOffsetFactor: 1,
          polygonOffsetUnits: 2,
        })
      }
      // Veins lie on their pieces, are no target of their own, and are left out while it turns.
      if (thing instanceof LineSegments) {
        thing.material = new LineBasicMaterial({ color: (thing.material as LineBasicMaterial).color })
        thing.raycast = () => undefined
        thing.visible = renderer.getPixelRatio() !== TURNING_PIXELS
      }
    })
    const first = !flower
    if (flower) discard(flower)
    flower = shown
    scene.add(shown)
    if (first) look(shown)
    soon()
  }

  /** Comes so near that the head fills the frame; the stem may run out of it. */
  function look(shown: Group) {
    const size = new Box3().setFromObject(shown).getSize(new Vector3())
    const across = Math.max(size.x, size.z, 0.02)
    controls.target.set(0, across * 0.05, 0)
    camera.position.set(across * 0.25, across * 1.5, across * 1.75)
    camera.near = across / 50
    camera.far = across * 30
    camera.updateProjectionMatrix()
    controls.update()
  }

  function light(partId: string | null) {
    flower?.traverse((thing) => {
      if (thing instanceof Mesh) {
        const lit = thing.name === partId
        ;(thing.material as MeshLambertMaterial).emissive = lit ? LIT : new Color('#000000')
        ;(thing.material as MeshLambertMaterial).emissiveIntensity = lit ? 0.45 : 0
      }
    })
    soon()
  }

  function leave() {
    clearTimeout(resting)
    cancelAnimationFrame(waiting)
    frame.disconnect()
    canvas.removeEventListener('pointerdown', onDown)
    canvas.removeEventListener('pointerup', onUp)
    controls.dispose()
    if (flower) discard(flower)
    renderer.dispose()
  }

  return { show, light, leave }
}
