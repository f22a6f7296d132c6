import { assessBenches } from './assess.bench.js'
import { seatingBenches } from './seating.bench.js'

process.stdout.write(JSON.stringify([...assessBenches(), ...seatingBenches()]))
