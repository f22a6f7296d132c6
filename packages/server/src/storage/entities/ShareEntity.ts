import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm'
import { OccasionEntity } from './OccasionEntity.js'

/** A secret address where the looks of an occasion are read and answered until a moment; it goes with its occasion. */
@Entity('share')
export class ShareEntity {
  @PrimaryColumn({ type: 'text' }) secret!: string
  @Index() @Column({ type: 'text' }) occasionId!: string
  @ManyToOne(() => OccasionEntity, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'occasionId' }) occasion!: Relation<OccasionEntity>
  @Column({ type: 'boolean' }) withPrices!: boolean
  /** Milliseconds since 1970. */
  @Column({ type: 'integer' }) createdAtMs!: number
  @Column({ type: 'integer' }) expiresAtMs!: number
}
