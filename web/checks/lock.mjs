// A lock file must name no download address, and must hold every optional platform package that it asks for.
import { readFileSync } from 'node:fs'

const faults = []
for (const folder of process.argv.slice(2)) {
  const { packages } = JSON.parse(readFileSync(`${folder}/package-lock.json`, 'utf8'))
  for (const [place, entry] of Object.entries(packages)) {
    if (entry.resolved) faults.push(`${place} names where it was downloaded from`)
    for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
      const nested = `${place}/node_modules/${name}`
      if (place && !packages[nested] && !packages[`node_modules/${name}`]) {
        faults.push(`${place} asks for ${name} ${version}, which the lock file lacks`)
      }
    }
  }
}
if (faults.length > 0) {
  console.error(faults.join('\n'))
  process.exit(1)
}
