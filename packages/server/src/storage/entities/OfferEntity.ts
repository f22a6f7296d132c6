import { Column, Entity, PrimaryColumn } from 'typeorm'

/** An offer of a shop, as a validated document. */
@Entity('offer')
export class OfferEntity {
  @PrimaryColumn({ type: 'text' }) id!: string
  @Column({ type: 'integer' }) position!: number
  @Column({ type: 'text' }) document!: string
}
