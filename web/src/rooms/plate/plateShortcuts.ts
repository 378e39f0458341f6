import * as handling from './handling'
import type { usePlateEdits } from './usePlateEdits'
import type { Shortcut } from './usePlateKeys'

/** What keys do to how the plate is looked at. */
interface View {
  deselect: () => void
  undo: () => void
  redo: () => void
  zoomBy: (factor: number) => void
  step: (dx: number, dy: number) => void
  all: () => void
  toggle: (to: 'round' | 'outline' | 'colour') => void
  ask: () => void
}

/** The keys of the plate, in the order in which they are listed. */
export const plateShortcuts = (edits: ReturnType<typeof usePlateEdits>, view: View): Shortcut[] => [
  { keys: ['ArrowDown', 'j'], label: 'next part outwards', run: () => edits.step(1) },
  { keys: ['ArrowUp', 'k'], label: 'next part inwards', run: () => edits.step(-1) },
  { keys: ['Escape'], label: 'the whole flower', run: () => view.deselect() },
  { keys: ['+', '='], label: 'one more', run: () => edits.onSelected('count', (id) => handling.count(id, 1, edits.fewer(id))) },
  { keys: ['-'], label: 'one fewer', run: () => edits.onSelected('count', (id) => handling.count(id, -1, edits.fewer(id))) },
  { keys: [']'], label: 'open by 2°', run: () => edits.onSelected('opens', (id) => handling.opens(id, 2)) },
  { keys: ['['], label: 'close by 2°', run: () => edits.onSelected('opens', (id) => handling.opens(id, -2)) },
  { keys: ['.'], label: 'turn on by 3°', run: () => edits.onSelected('turn', (id) => handling.turn(id, 3)) },
  { keys: [','], label: 'turn back by 3°', run: () => edits.onSelected('turn', (id) => handling.turn(id, -3)) },
  { keys: ['l'], label: 'longer cutter', run: () => edits.onSelected('length', (id) => handling.lengthen(id, 1)) },
  { keys: ['s'], label: 'shorter cutter', run: () => edits.onSelected('length', (id) => handling.lengthen(id, -1)) },
  { keys: ['w'], label: 'wider cutter', run: () => edits.onSelected('width', (id) => handling.widen(id, 1)) },
  { keys: ['n'], label: 'narrower cutter', run: () => edits.onSelected('width', (id) => handling.widen(id, -1)) },
  { keys: ['a'], label: 'add a ring outside', run: () => edits.add('ring') },
  { keys: ['d'], label: 'duplicate the part', run: edits.double },
  { keys: ['x', 'Delete'], label: 'remove the part', run: edits.archive },
  { keys: ['alt+ArrowDown'], label: 'move the part outwards', run: () => edits.move(1) },
  { keys: ['alt+ArrowUp'], label: 'move the part inwards', run: () => edits.move(-1) },
  { keys: ['m'], label: 'take the first fix', run: edits.fixFirst },
  { keys: ['z', 'ctrl+z'], label: 'undo', run: view.undo },
  { keys: ['y', 'ctrl+y', 'ctrl+shift+z'], label: 'redo', run: view.redo },
  { keys: ['e'], label: 'closer', run: () => view.zoomBy(1.3) },
  { keys: ['f'], label: 'farther', run: () => view.zoomBy(1 / 1.3) },
  { keys: ['0'], label: 'the whole drawing', run: view.all },
  { keys: ['ctrl+ArrowLeft'], label: 'look further left', run: () => view.step(-0.2, 0) },
  { keys: ['ctrl+ArrowRight'], label: 'look further right', run: () => view.step(0.2, 0) },
  { keys: ['ctrl+ArrowUp'], label: 'look further up', run: () => view.step(0, -0.2) },
  { keys: ['ctrl+ArrowDown'], label: 'look further down', run: () => view.step(0, 0.2) },
  { keys: ['r'], label: 'in the round, or not', run: () => view.toggle('round') },
  { keys: ['o'], label: 'the outline, or the flower', run: () => view.toggle('outline') },
  { keys: ['c'], label: 'its colour, or the flower', run: () => view.toggle('colour') },
  { keys: ['?'], label: 'this list', run: view.ask },
]
