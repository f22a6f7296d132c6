import type { MigrationInterface } from 'typeorm'
import { First1795594676475 } from './1795594676475-First.js'
import { Facts1795606603530 } from './1795606603530-Facts.js'
import { PhotoColors1795618315557 } from './1795618315557-PhotoColors.js'
import { Journal1795855382789 } from './1795855382789-Journal.js'
import { Shares1795960800000 } from './1795960800000-Shares.js'
import { Ideas1796000400000 } from './1796000400000-Ideas.js'
import { Kept1796007600000 } from './1796007600000-Kept.js'
import { Composing1796180400000 } from './1796180400000-Composing.js'

/** All migrations, oldest first. */
export const migrations: readonly (new () => MigrationInterface)[] = [
  First1795594676475,
  Facts1795606603530,
  PhotoColors1795618315557,
  Journal1795855382789,
  Shares1795960800000,
  Ideas1796000400000,
  Kept1796007600000,
  Composing1796180400000
]
