import { layers, type Layer, type Look, type LookRecipe, type Taste, type WholeLook } from '@hestiad/core'
import { Type } from 'class-transformer'
import { IsArray, IsBoolean, IsIn, IsInt, IsNumber, IsObject, IsOptional, IsString, ValidateNested } from 'class-validator'
import { IsCore, IsCoreList } from './coreTypes.js'

/** What whole looks are to be laid of. */
export class ComposingAskedDto {
  @IsIn(['owned', 'few-new', 'all-new']) from!: 'owned' | 'few-new' | 'all-new'
  /** Layers that stay as they are laid now. */
  @IsArray() @IsIn(layers, { each: true }) keep!: Layer[]
  /** Candles by daylight too. */
  @IsBoolean() wishLight!: boolean
  /** The look they are laid after: one look then, else five. */
  @IsOptional() @IsObject() @IsCore('LookRecipe') recipe?: LookRecipe
}

export class StartComposingDto {
  /** The table they are laid for, as it is now. */
  @IsObject() @IsCore('Look') base!: Look
  @ValidateNested() @Type(() => ComposingAskedDto) asked!: ComposingAskedDto
  /** Others than those that were composed for this look before. */
  @IsBoolean() others!: boolean
  /** What the stylist prefers, where something is known of it. */
  @IsOptional() @IsObject() @IsCore('Taste') taste?: Taste
}

/** `none` was composed yet; `broken-off` is what was canceled, or what the server was stopped in, and can be gone on with. */
export const composingStates = ['none', 'running', 'broken-off', 'failed', 'ended'] as const

/** Whole looks composed for a look, as far as they are. */
export class ComposingDto {
  @IsIn(composingStates) state!: (typeof composingStates)[number]
  /** Of this composing; empty where there is none. */
  @IsString() id!: string
  /** Looks found of those wanted. */
  @IsInt() found!: number
  /** 0 to 1. */
  @IsNumber() done!: number
  /** Why it failed. */
  @IsOptional() @IsString() message?: string
  /** What was asked, and the table it was asked for: not told to those who have them. */
  @IsOptional() @ValidateNested() @Type(() => ComposingAskedDto) asked?: ComposingAskedDto
  @IsOptional() @IsObject() @IsCore('Look') base?: Look
  /** Absent where whoever asks has them all. */
  @IsOptional() @IsArray() @IsCoreList('WholeLook') looks?: WholeLook[]
}
