import { Column, Entity, PrimaryColumn } from 'typeorm'

/** An occasion, which has one or more looks; with it they go. */
@Entity('occasion')
export class OccasionEntity {
  @PrimaryColumn({ type: 'text' }) id!: string
  @Column({ type: 'integer' }) createdAtMs!: number
}
