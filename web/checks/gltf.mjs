// Says what a validator finds in binary glTF files; fails where any has an error.
import { readFileSync } from 'node:fs'
import validator from 'gltf-validator'

let errors = 0
for (const file of process.argv.slice(2)) {
  const { issues } = await validator.validateBytes(new Uint8Array(readFileSync(file)), { maxIssues: 20 })
  errors += issues.numErrors
  for (const m of issues.messages.filter((i) => i.severity === 0)) console.log(`${file}: ${m.code} ${m.pointer ?? ''} ${m.message}`)
}
console.log(`${process.argv.length - 2} files, ${errors} errors`)
process.exit(errors ? 1 : 0)
