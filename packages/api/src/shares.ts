import { stands, type Look, type Stand } from '@hestiad/core'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested
} from 'class-validator'
import { IsCore } from './coreTypes.js'

const MOST_DAYS = 90
const MOST_LOOKS = 60

/** A page of an occasion’s looks that whoever has its address may read and answer, for some days. */
export class NewShareDto {
  @IsInt() @Min(1) @Max(MOST_DAYS) days!: number
  /** Whether it tells what each look costs. */
  @IsBoolean() withPrices!: boolean
}

export class ShareDto {
  /** Nobody guesses it: 128 bits at random. */
  @IsString() secret!: string
  @IsBoolean() withPrices!: boolean
  @IsInt() createdAtMs!: number
  @IsInt() expiresAtMs!: number
}

export class SharesDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => ShareDto) shares!: ShareDto[]
}

/** A look as it is shown: enough to draw and name it; without what is bought, what others said, notes, and what guests do not eat. */
export class SharedLookDto {
  @IsString() id!: string
  @IsString() name!: string
  @IsObject() @IsCore('Look') look!: Look
  /** What is to be spent on it, where prices are told. */
  @IsOptional() @IsInt() spendCents?: number
}

export class SharedDto {
  @IsString() title!: string
  @IsInt() expiresAtMs!: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => SharedLookDto) looks!: SharedLookDto[]
}

export class VoteDto {
  @IsString() @MaxLength(200) lookId!: string
  @IsIn(stands) stand!: Stand
  @IsString() @MaxLength(1000) remark!: string
}

/** What host or client say of the looks shown to them. */
export class VotesDto {
  @IsString() @MaxLength(200) @Matches(/\S/, { message: 'Say who says so.' }) by!: string
  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(MOST_LOOKS) @ValidateNested({ each: true }) @Type(() => VoteDto) votes!: VoteDto[]
}
