import type { Members } from '@hestiad/core/formats'
import { IsArray, IsObject, ArrayMaxSize, IsString, MaxLength, IsOptional, ValidateNested } from 'class-validator'

const MOST_HISTORY = 200

/** Edits done and undone, so that undo survives a reload. */
export class HistoryDto {
  @IsArray() @ArrayMaxSize(MOST_HISTORY) past!: unknown[]
  @IsArray() @ArrayMaxSize(MOST_HISTORY) future!: unknown[]
}

/** A look still in the bytes it came in, JSON in UTF-8. */
export class LookBytes {
  constructor(
    readonly bytes: Uint8Array,
    readonly members: Members
  ) {}
}

export class SaveLookDto {
  static readonly nested = { history: HistoryDto }
  @IsObject() look!: LookBytes
  @IsObject() @ValidateNested() history!: HistoryDto
}

export class CopyLookDto {
  @IsObject() look!: object
  @IsOptional() @IsString() @MaxLength(200) name?: string
}

/** A look as it is answered. */
export interface LookAnswer {
  readonly id: string
  readonly occasionId: string
  readonly revision: number
  readonly look: unknown
  readonly history: { readonly past: unknown[]; readonly future: unknown[] }
}
