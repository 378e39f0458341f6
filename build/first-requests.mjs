// Waits until an application whose words go into a file is up, then asks it what a first visit asks.
import { existsSync, readFileSync } from 'node:fs'

const PATIENCE_MS = 120_000
const words = process.argv[2]

/** The port that the application told, where it is up. */
function port() {
  const text = existsSync(words) ? readFileSync(words, 'utf8') : ''
  return /Crisp Whorl is at http:\/\/127\.0\.0\.1:(\d+)/.exec(text)?.[1]
}

/** Asks again and again until there is an answer, or patience ends. */
async function until(ask) {
  const end = Date.now() + PATIENCE_MS
  for (;;) {
    const answer = await ask()
    if (answer) return answer
    if (Date.now() > end) process.exit(1)
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
}

const base = `http://127.0.0.1:${await until(port)}`
await fetch(`${base}/shelf`)
for (const kept of ['orders', 'ways', 'time', 'room', 'drawer']) await (await fetch(`${base}/api/${kept}`)).text()
const first = await until(async () => (await (await fetch(`${base}/api/species`)).json())[0])
const species = await (await fetch(`${base}/api/species/${first.id}/document`)).json()
await fetch(`${base}/api/reckoning`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ species }),
})
