import { Column, Entity, PrimaryColumn } from 'typeorm'

/** A photo as the server made it: turned upright, resized, without what the camera wrote into it. */
@Entity('photo')
export class PhotoEntity {
  @PrimaryColumn({ type: 'text' }) id!: string
  @Column({ type: 'integer' }) widthPx!: number
  @Column({ type: 'integer' }) heightPx!: number
  /** JPEG, at most 1,600 pixels long. */
  @Column({ type: 'blob' }) large!: Buffer
  /** JPEG, at most 320 pixels long. */
  @Column({ type: 'blob' }) small!: Buffer
  @Column({ type: 'integer' }) createdAtMs!: number
}
