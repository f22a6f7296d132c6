import { createAssessor, savings, seatGuests, type BareFinding, type Figures, type Look, type Remedy, type Saving, type Seating } from '@hestiad/core'
import { expose } from 'comlink'

const assessor = createAssessor()

/** Runs the core away from the page. Remedies are asked for one finding at a time, so that newer looks never wait long. */
const service = {
  measure(look: Look): { figures: Figures; findings: readonly BareFinding[] } {
    const { figures, findings } = assessor.measure(look)
    return { figures, findings }
  },
  remedies(look: Look, finding: BareFinding): Remedy[] {
    return assessor.remediesFor(look, finding)
  },
  savings(look: Look): Saving[] {
    return savings(assessor, look)
  },
  seat(look: Look): Seating {
    return seatGuests(look)
  }
}

export type AssessorService = typeof service

expose(service)
