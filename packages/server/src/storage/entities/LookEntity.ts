import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm'
import { OccasionEntity } from './OccasionEntity.js'

/** One look: a validated document as it was at a revision, with the edits since in the journal; the named columns are copies for lists. */
@Entity('look')
export class LookEntity {
  @PrimaryColumn({ type: 'text' }) id!: string
  @Index() @Column({ type: 'text' }) occasionId!: string
  @ManyToOne(() => OccasionEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'occasionId' })
  occasion!: Relation<OccasionEntity>
  /** Counts up by one with each edit; the entity tag of the look. */
  @Column({ type: 'integer' }) revision!: number
  /** The look document, JSON, at `documentRevision`. */
  @Column({ type: 'text' }) document!: string
  @Column({ type: 'integer', default: 0 }) documentRevision!: number
  @Column({ type: 'text', default: '' }) name!: string
  /** Day of the occasion, ISO. */
  @Index() @Column({ type: 'text', default: '' }) date!: string
  /** Milliseconds since 1970. */
  @Column({ type: 'integer' }) updatedAtMs!: number
}
