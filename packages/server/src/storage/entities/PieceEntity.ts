import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A piece of the household's cupboard (or one that only a shop has, owned 0), as a validated document. */
@Entity('piece')
export class PieceEntity {
  @PrimaryColumn({ type: 'text' }) id!: string
  @Column({ type: 'integer' }) position!: number
  @Column({ type: 'text' }) document!: string
  /** What the household knows of it beyond its sizes, JSON; empty when nothing. */
  @Column({ type: 'text', default: '' }) facts!: string
}
