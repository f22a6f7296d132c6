import type { Claim, Look, Style, Table } from '@hestiad/core'
import { Type } from 'class-transformer'
import { IsArray, IsBoolean, IsInt, IsISO8601, IsObject, IsOptional, IsString, Matches, Max, MaxLength, Min, ValidateNested } from 'class-validator'
import { IsCore, IsCoreList } from './coreTypes.js'

/** What a new occasion is begun with; the table is checked with the look it becomes part of. */
export class NewOccasionDto {
  @IsString() @MaxLength(200) @Matches(/\S/, { message: 'Give the occasion a name.' }) title!: string
  @IsString() @MaxLength(200) place!: string
  @IsString()
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'The day must be written as year, month, day.' })
  @IsISO8601({ strict: true }, { message: 'There is no such day.' })
  date!: string
  @IsInt() @Min(0) @Max(1439) arriveMin!: number
  @IsInt() @Min(1) @Max(2880) endMin!: number
  @IsInt() @Min(0) @Max(100) guests!: number
  @IsInt() @Min(0) @Max(1_000_000_000) totalCents!: number
  @IsInt() @Min(0) @Max(100) reservePercent!: number
  @IsString() @Matches(/^[A-Z]{3}$/) currency!: string
  @IsObject() @IsCore('Table') table!: Table
  /** The stylist's style, which the brief begins with. */
  @IsOptional() @IsObject() @IsCore('Style') style?: Style
  /** Id of an earlier look whose room, household and ways of working are taken over. */
  @IsOptional() @IsString() @MaxLength(64) like?: string
  /** Lays the table as that look has it. */
  @IsOptional() @IsBoolean() asLaid?: boolean
}

/** A look in the list: enough to draw its table small, with the pieces it uses and no offers. */
export class ListedLookDto {
  @IsString() id!: string
  @IsString() name!: string
  @IsInt() revision!: number
  @IsInt() updatedAtMs!: number
  @IsObject() @IsCore('Look') look!: Look
}

export class OccasionDto {
  @IsString() id!: string
  @IsArray() @ValidateNested({ each: true }) @Type(() => ListedLookDto) looks!: ListedLookDto[]
}

/** A look of which what is stored cannot be read. */
export class DamagedLookDto {
  @IsString() id!: string
  @IsString() occasionId!: string
  @IsString() name!: string
  @IsString() date!: string
}

export class OccasionsDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => OccasionDto) occasions!: OccasionDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => DamagedLookDto) damaged!: DamagedLookDto[]
}

export class ClaimsDto {
  @IsArray() @IsCoreList('Claim') claims!: Claim[]
}
