import { assessBenches } from './assess.bench.js'
import { composeBenches } from './compose.bench.js'
import { looksBenches } from './looks.bench.js'
import { seatingBenches } from './seating.bench.js'

process.stdout.write(JSON.stringify([...assessBenches(), ...seatingBenches(), ...composeBenches(), ...looksBenches()]))
