import type { MigrationInterface } from 'typeorm'
import { First1795594676475 } from './1795594676475-First.js'

/** All migrations, oldest first. */
export const migrations: readonly (new () => MigrationInterface)[] = [First1795594676475]
