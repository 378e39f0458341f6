// Installs the packages of the lock file of the folder it is run in, and only when it has changed since they were last installed.
import { execFileSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'

const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
const stamp = 'node_modules/.crisp-whorl-lock'
if (!existsSync(stamp) || readFileSync(stamp, 'utf8') !== lock) {
  execFileSync('npm', ['ci', '--no-progress'], { stdio: 'inherit' })
  mkdirSync('node_modules', { recursive: true })
  writeFileSync(stamp, lock)
}
