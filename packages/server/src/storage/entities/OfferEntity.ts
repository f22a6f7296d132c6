import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm'
import { PieceEntity } from './PieceEntity.js'

/** An offer of a shop for a piece of the cupboard, as a validated document; it goes with its piece. */
@Entity('offer')
export class OfferEntity {
  @PrimaryColumn({ type: 'text' }) id!: string
  @Column({ type: 'integer' }) position!: number
  @Index() @Column({ type: 'text' }) pieceId!: string
  @ManyToOne(() => PieceEntity, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'pieceId' }) piece!: Relation<PieceEntity>
  @Column({ type: 'text' }) document!: string
}
