import { Column, Entity, Index, PrimaryColumn } from 'typeorm'

/** One look as a validated document; the named columns are copies for lists. */
@Entity('look')
export class LookEntity {
  @PrimaryColumn({ type: 'text' }) id!: string
  @Index() @Column({ type: 'text' }) occasionId!: string
  /** Counts up by one with each save; the entity tag of the look. */
  @Column({ type: 'integer' }) revision!: number
  /** The look document, JSON. */
  @Column({ type: 'text' }) document!: string
  /** Edits done and undone, JSON: `{ past, future }`. */
  @Column({ type: 'text' }) history!: string
  /** Milliseconds since 1970. */
  @Column({ type: 'integer' }) updatedAtMs!: number
}
