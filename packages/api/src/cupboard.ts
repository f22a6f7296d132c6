import type { Offer, Piece, PieceFacts, Uses } from '@hestiad/core'
import { Type } from 'class-transformer'
import { ArrayMaxSize, IsArray, IsBoolean, IsInt, IsObject, IsString, ValidateIf, ValidateNested } from 'class-validator'
import { JSONSchema } from 'class-validator-jsonschema'
import { IsCore, IsCoreList, OrNull } from './coreTypes.js'
import { FaultDto } from './problem.js'

/** A piece with what is known of it. */
export class ItemDto {
  @IsObject() @IsCore('Piece') piece!: Piece
  @IsObject() @IsCore('PieceFacts') facts!: PieceFacts
}

export class ItemsDto {
  @IsArray() @ArrayMaxSize(10_000) @ValidateNested({ each: true }) @Type(() => ItemDto) items!: ItemDto[]
}

export class CupboardDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => ItemDto) items!: ItemDto[]
  @IsArray() @IsCoreList('Offer') offers!: Offer[]
}

export class WrittenDto {
  @IsInt() written!: number
}

export class ImportedDto {
  @IsInt() imported!: number
}

const listReading = {
  type: 'object',
  required: ['map', 'units'],
  properties: {
    map: { type: 'object', additionalProperties: { type: ['string', 'null'] } },
    units: { type: 'object', additionalProperties: { type: 'string', enum: ['mm', 'cm', 'in'] } }
  }
} as const

/** A CSV looked at before it is taken: its header, how it is read (the column of each header, the unit of its lengths), and what it would bring. */
export class ListPreviewDto {
  @IsArray() @IsString({ each: true }) columns!: string[]
  @IsArray() @IsString({ each: true }) header!: string[]
  @IsObject() @JSONSchema(listReading as never) reading!: { map: Record<string, string | null>; units: Record<string, 'mm' | 'cm' | 'in'> }
  @IsInt() count!: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => FaultDto) faults!: FaultDto[]
  @IsInt() added!: number
  @IsInt() changed!: number
  @IsInt() assumed!: number
}

export class UsesDto {
  @IsString() day!: string
  @IsObject() @JSONSchema({ type: 'object', additionalProperties: { $ref: '#/components/schemas/Uses' } }) uses!: Record<string, Uses>
}

/** A row that no longer fits where it was, kept aside. */
export class SetAsideDto {
  @IsInt() id!: number
  @IsString() table!: string
  @IsString() rowId!: string
  @IsString() why!: string
  @IsString() document!: string
  @IsInt() atMs!: number
}

export class SetAsidesDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => SetAsideDto) rows!: SetAsideDto[]
}

export class HealthDto {
  @IsBoolean() ok!: boolean
}

/** The last daily copy of the database; without a time there is none, and `problem` may tell why. */
export class LastBackupDto {
  @ValidateIf((one: LastBackupDto) => one.atMs !== null) @IsInt() @OrNull({ type: 'integer' }) atMs!: number | null
  @IsString() file!: string
  @IsString() problem!: string
}
