/** The rooms that the heading and the finder lead to. */
export const ROOMS = [
  { to: '/shelf', label: 'Shelf' },
  { to: '/study', label: 'Study' },
  { to: '/drawer', label: 'Drawer' },
  { to: '/orders', label: 'Orders' },
  { to: '/book', label: 'Book' },
  { to: '/slate', label: 'Slate' },
]

/** Places within rooms that the finder leads to. */
export const CORNERS = [
  { to: '/drawer/buy', label: 'What to buy', kind: 'drawer' },
  { to: '/compare', label: 'Compare two species or stages', kind: 'shelf' },
  { to: '/mending', label: 'Mending: what is wrong with it', kind: 'bench' },
  { to: '/mending?seen=edges-crack', label: 'edges crack', kind: 'mending' },
  { to: '/mending?seen=fall-back', label: 'petals fall back', kind: 'mending' },
  { to: '/mending?seen=sticky', label: 'it is sticky', kind: 'mending' },
  { to: '/mending?seen=wire-turns', label: 'a wire turns', kind: 'mending' },
  { to: '/mending?seen=blotchy', label: 'dull or blotchy dust', kind: 'mending' },
  { to: '/mending?seen=gap', label: 'a gap at the heart', kind: 'mending' },
  { to: '/mending?seen=slumped', label: 'a cup slumped', kind: 'mending' },
  { to: '/mending?seen=closed-up', label: 'the flower closed up', kind: 'mending' },
  { to: '/mending?seen=sweats', label: 'chocolate sweats', kind: 'mending' },
  { to: '/mending?seen=ran-out', label: 'a shade ran out', kind: 'mending' },
  { to: '/room', label: 'Room ahead: sensor, pattern of a day, weather announced', kind: 'orders' },
  { to: '/tablet', label: 'A tablet at the bench: home network, passphrase', kind: 'bench' },
  { to: '/copies', label: 'Copies of the studio: backup, put back', kind: 'book' },
  { to: '/slate#ball-and-petal', label: 'ball and petal', kind: 'slate' },
  { to: '/slate#thickness-gauge', label: 'thickness gauge', kind: 'slate' },
  { to: '/slate#cutter-to-petal', label: 'cutter to petal', kind: 'slate' },
  { to: '/slate#wire-check', label: 'wire check', kind: 'slate' },
  { to: '/slate#bundle-and-pick', label: 'bundle and pick', kind: 'slate' },
  { to: '/slate#shade-mix', label: 'shade mix', kind: 'slate' },
  { to: '/slate#log-slices', label: 'log slices', kind: 'slate' },
  { to: '/slate#unit-turning', label: 'units', kind: 'slate' },
]
