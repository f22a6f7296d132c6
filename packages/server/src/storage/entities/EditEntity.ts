import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm'
import { LookEntity } from './LookEntity.js'

/** One entry of a look's journal: who changed what when, how, and how it is taken back. */
@Entity('edit')
@Index(['lookId', 'revision'], { unique: true })
export class EditEntity {
  @PrimaryColumn({ type: 'text' }) lookId!: string
  /** Given by the client; sent twice an edit is one. */
  @PrimaryColumn({ type: 'text' }) id!: string
  @ManyToOne(() => LookEntity, { onDelete: 'CASCADE' }) @JoinColumn({ name: 'lookId' }) look!: Relation<LookEntity>
  /** The look's revision with this edit. */
  @Column({ type: 'integer' }) revision!: number
  /** `edit`, `undo` or `redo`. */
  @Column({ type: 'text' }) kind!: string
  /** Id of the edit taken back or done again; its own id for one made anew. */
  @Column({ type: 'text' }) of!: string
  @Column({ type: 'text' }) what!: string
  /** Patches and their inverse, JSON. */
  @Column({ type: 'text' }) patches!: string
  @Column({ type: 'text' }) inverse!: string
  /** Who: the window it was made in, until there are accounts. */
  @Column({ type: 'text' }) window!: string
  /** Milliseconds since 1970. */
  @Column({ type: 'integer' }) atMs!: number
}
