import { IsInt, IsObject, IsString, Length, Matches, Max, MaxLength, Min } from 'class-validator'
import type { Table } from '@hestiad/core'

/** What a new occasion is begun with; the table is checked with the look it becomes part of. */
export class NewOccasionDto {
  @IsString() @Length(1, 200) title!: string
  @IsString() @MaxLength(200) place!: string
  @Matches(/^\d{4}-\d{2}-\d{2}$/) date!: string
  @IsInt() @Min(0) @Max(1439) arriveMin!: number
  @IsInt() @Min(1) @Max(2880) endMin!: number
  @IsInt() @Min(0) @Max(100) guests!: number
  @IsInt() @Min(0) @Max(1_000_000_000) totalCents!: number
  @IsInt() @Min(0) @Max(100) reservePercent!: number
  @Matches(/^[A-Z]{3}$/) currency!: string
  @IsObject() table!: Table
}

/** An occasion in the list: enough to draw its table small. */
export interface OccasionAnswer {
  readonly id: string
  readonly looks: readonly { readonly id: string; readonly name: string; readonly revision: number; readonly updatedAtMs: number; readonly look: unknown }[]
}
