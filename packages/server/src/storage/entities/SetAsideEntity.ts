import { Column, Entity, PrimaryGeneratedColumn } from 'typeorm'

/** A row that no longer fits where it was, kept aside and shown instead of lost. */
@Entity('set_aside')
export class SetAsideEntity {
  @PrimaryGeneratedColumn() id!: number
  /** The table it was in, and its id there. */
  @Column({ type: 'text' }) table!: string
  @Column({ type: 'text' }) rowId!: string
  /** Why, as a code: `no-piece`, `no-occasion`. */
  @Column({ type: 'text' }) why!: string
  @Column({ type: 'text' }) document!: string
  /** Milliseconds since 1970. */
  @Column({ type: 'integer' }) atMs!: number
}
