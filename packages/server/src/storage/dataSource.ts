import 'reflect-metadata'
import { DataSource } from 'typeorm'
import { ComposingEntity } from './entities/ComposingEntity.js'
import { EditEntity } from './entities/EditEntity.js'
import { LookEntity } from './entities/LookEntity.js'
import { OccasionEntity } from './entities/OccasionEntity.js'
import { OfferEntity } from './entities/OfferEntity.js'
import { PhotoEntity } from './entities/PhotoEntity.js'
import { PieceEntity } from './entities/PieceEntity.js'
import { SetAsideEntity } from './entities/SetAsideEntity.js'
import { IdeaEntity } from './entities/IdeaEntity.js'
import { KeptEntity } from './entities/KeptEntity.js'
import { ShareEntity } from './entities/ShareEntity.js'
import { migrations } from './migrations/index.js'

/** The data source of one SQLite file, write-ahead log and foreign keys on; every commit is on the disk when it is answered. */
export function createDataSource(file: string): DataSource {
  return new DataSource({
    type: 'better-sqlite3',
    database: file,
    entities: [
      OccasionEntity,
      LookEntity,
      EditEntity,
      PieceEntity,
      OfferEntity,
      PhotoEntity,
      SetAsideEntity,
      ShareEntity,
      IdeaEntity,
      KeptEntity,
      ComposingEntity
    ],
    migrations: [...migrations],
    enableWAL: true,
    prepareDatabase: (db: { pragma: (text: string) => unknown }) => {
      db.pragma('foreign_keys = ON')
      db.pragma('synchronous = FULL')
    }
  })
}
