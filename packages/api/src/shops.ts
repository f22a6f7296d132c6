import type { Blocked, Look, Offer, Piece, Plan, Shop } from '@hestiad/core'
import { Type } from 'class-transformer'
import {
  IsArray,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested
} from 'class-validator'
import { IsCore, IsCoreList, OrNull } from './coreTypes.js'

export class ShopsDto {
  @IsString() day!: string
  @IsArray() @IsCoreList('Shop') shops!: Shop[]
}

/** An article with its offers of the day; how alike it is where that was asked. */
export class ArticleDto {
  @IsObject() @IsCore('Piece') piece!: Piece
  @ValidateIf((one: ArticleDto) => one.likeness !== null) @IsNumber() @OrNull({ type: 'number' }) likeness!: number | null
  @IsArray() @IsCoreList('Offer') offers!: Offer[]
}

export class ArticlesDto {
  @IsString() day!: string
  @IsInt() total!: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => ArticleDto) articles!: ArticleDto[]
}

/** An offer the stylist has seen. */
export class NotedOfferDto {
  @IsString() @Matches(/^[a-z0-9][a-z0-9-]{0,63}$/) pieceId!: string
  @IsString() @MaxLength(200) @Matches(/\S/, { message: 'Say in which shop it was seen.' }) shop!: string
  @IsInt() @Min(1) @Max(10_000) packSize!: number
  /** Absent when the price is not known. */
  @IsOptional() @IsInt() @Min(0) @Max(100_000_000) priceCents?: number
  @IsInt() @Min(0) @Max(100_000) stock!: number
  @IsInt() @Min(0) @Max(400) leadDays!: number
  @IsString()
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'The day must be written as year, month, day.' })
  @IsISO8601({ strict: true }, { message: 'There is no such day.' })
  day!: string
  @IsString() @MaxLength(1000) note!: string
  /** Id of a photo kept before. */
  @IsOptional() @IsString() @Matches(/^[a-z0-9-]{1,64}$/) photoId?: string
}

export class StartPlanDto {
  @IsObject() @IsCore('Look') look!: Look
  /** Day the plan is made, ISO; today when absent. */
  @IsOptional() @IsString() @Matches(/^\d{4}-\d{2}-\d{2}$/) @IsISO8601({ strict: true }) day?: string
}

export class StartedDto {
  @IsString() id!: string
}

export class SolveProgressDto {
  @ValidateIf((one: SolveProgressDto) => one.best !== null) @IsNumber() @OrNull({ type: 'number' }) best!: number | null
  @ValidateIf((one: SolveProgressDto) => one.bound !== null) @IsNumber() @OrNull({ type: 'number' }) bound!: number | null
}

export class PlanSizeDto {
  @IsInt() lines!: number
  @IsInt() offers!: number
  @IsInt() shops!: number
}

/** A buying plan in the making: what it is like depends on its state. */
export class RunningPlanDto {
  @IsIn(['running']) state!: 'running'
  @IsInt() elapsedMs!: number
  /** Absent until the solver has told something. */
  @IsOptional() @ValidateNested() @Type(() => SolveProgressDto) progress?: SolveProgressDto
}

export class CanceledPlanDto {
  @IsIn(['canceled']) state!: 'canceled'
}

export class FailedPlanDto {
  @IsIn(['failed']) state!: 'failed'
  @IsString() message!: string
}

export class DonePlanDto {
  @IsIn(['done']) state!: 'done'
  @IsInt() elapsedMs!: number
  @IsString() day!: string
  @IsObject() @IsCore('Plan') plan!: Plan
  @IsArray() @IsCoreList('Blocked') blocked!: Blocked[]
  /** The look's offers and shops with the day's prices, for the look to keep. */
  @IsArray() @IsCoreList('Offer') offers!: Offer[]
  @IsArray() @IsCoreList('Shop') shops!: Shop[]
  /** Pieces of the shops that could stand in for what cannot be had. */
  @IsArray() @IsCoreList('Piece') alike!: Piece[]
  @ValidateNested() @Type(() => PlanSizeDto) size!: PlanSizeDto
}

export class PhotoDto {
  @IsString() id!: string
  @IsInt() widthPx!: number
  @IsInt() heightPx!: number
}
