import { Column, Entity, PrimaryColumn } from 'typeorm'

/** Something seen and what is taken from it, or a thing to do in a room apart from any occasion. */
@Entity('idea')
export class IdeaEntity {
  @PrimaryColumn({ type: 'text' }) id!: string
  @Column({ type: 'text' }) kind!: string
  @Column({ type: 'text' }) what!: string
  @Column({ type: 'text' }) source!: string
  @Column({ type: 'text' }) takes!: string
  @Column({ type: 'text', nullable: true }) photoId!: string | null
  @Column({ type: 'text', nullable: true }) stage!: string | null
  @Column({ type: 'boolean' }) done!: boolean
  /** Milliseconds since 1970. */
  @Column({ type: 'integer' }) createdAtMs!: number
}
