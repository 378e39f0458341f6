/** The rooms that the heading and the finder lead to. */
export const ROOMS = [
  { to: '/today', label: 'Today' },
  { to: '/shelf', label: 'Shelf' },
  { to: '/study', label: 'Study' },
  { to: '/drawer', label: 'Drawer' },
  { to: '/orders', label: 'Orders' },
  { to: '/book', label: 'Book' },
  { to: '/quick', label: 'Quick figures' },
]

/** Places within rooms that the finder leads to. */
export const CORNERS = [
  { to: '/drawer/buy', label: 'What to buy', kind: 'drawer' },
  { to: '/compare', label: 'Compare two species or stages', kind: 'shelf' },
  { to: '/troubleshooting', label: 'Troubleshooting: what is wrong with it', kind: 'bench' },
  { to: '/troubleshooting?seen=edges-crack', label: 'edges crack', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=fall-back', label: 'petals fall back', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=sticky', label: 'it is sticky', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=wire-turns', label: 'a wire turns', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=blotchy', label: 'dull or blotchy dust', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=gap', label: 'a gap at the centre', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=slumped', label: 'a cup slumped', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=closed-up', label: 'the flower closed up', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=sweats', label: 'chocolate sweats', kind: 'troubleshooting' },
  { to: '/troubleshooting?seen=ran-out', label: 'a shade ran out', kind: 'troubleshooting' },
  { to: '/room', label: 'Room ahead: sensor, pattern of a day, weather announced', kind: 'orders' },
  { to: '/tablet', label: 'A tablet at the bench: home network, passphrase', kind: 'bench' },
  { to: '/copies', label: 'Copies of the studio: backup, put back', kind: 'book' },
  { to: '/quick#ball-and-petal', label: 'ball and petal', kind: 'quick' },
  { to: '/quick#thickness-gauge', label: 'thickness gauge', kind: 'quick' },
  { to: '/quick#cutter-to-petal', label: 'cutter to petal', kind: 'quick' },
  { to: '/quick#wire-check', label: 'wire check', kind: 'quick' },
  { to: '/quick#bundle-and-pick', label: 'bundle and pick', kind: 'quick' },
  { to: '/quick#shade-mix', label: 'shade mix', kind: 'quick' },
  { to: '/quick#log-slices', label: 'log slices', kind: 'quick' },
  { to: '/quick#unit-turning', label: 'units', kind: 'quick' },
]
