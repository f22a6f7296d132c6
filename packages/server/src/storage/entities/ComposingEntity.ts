import { Column, Entity, JoinColumn, OneToOne, PrimaryColumn, type Relation } from 'typeorm'
import { LookEntity } from './LookEntity.js'

/** The whole looks last composed for a look, kept as they are found; they go with the look. */
@Entity('composing')
export class ComposingEntity {
  @PrimaryColumn({ type: 'text' }) lookId!: string
  @OneToOne(() => LookEntity, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'lookId' }) look!: Relation<LookEntity>
  /** Another one with every start. */
  @Column({ type: 'text' }) id!: string
  /** Shape of what follows; of another shape it is not read. */
  @Column({ type: 'integer' }) version!: number
  /** JSON of what was asked, the seed and what was shown before among it. */
  @Column({ type: 'text' }) asked!: string
  /** JSON of the look they are laid for. */
  @Column({ type: 'text' }) base!: string
  /** JSON of those found. */
  @Column({ type: 'text' }) looks!: string
  /** Whether all that was asked for is there. */
  @Column({ type: 'boolean' }) ended!: boolean
  /** Milliseconds since 1970. */
  @Column({ type: 'integer' }) createdAtMs!: number
}
