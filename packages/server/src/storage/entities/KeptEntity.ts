import { Column, Entity, PrimaryColumn } from 'typeorm'

/** Something a stylist keeps beside occasions and cupboard. */
@Entity('kept')
export class KeptEntity {
  @PrimaryColumn({ type: 'text' }) kind!: string
  @PrimaryColumn({ type: 'text' }) id!: string
  /** JSON of an object. */
  @Column({ type: 'text' }) value!: string
  /** Milliseconds since 1970. */
  @Column({ type: 'integer' }) createdAtMs!: number
}
