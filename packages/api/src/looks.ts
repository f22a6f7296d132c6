import { editNames, journalKinds, type EditName, type JournalKind, type Look } from '@hestiad/core'
import { Type } from 'class-transformer'
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsInt, IsObject, IsOptional, IsString, Matches, Max, MaxLength, Min, ValidateNested } from 'class-validator'
import { JSONSchema } from 'class-validator-jsonschema'
import { IsCore } from './coreTypes.js'

const MOST_EDITS = 200
const MOST_PATCHES = 20_000
const ID = /^[\w-]{1,64}$/

/** One step of an edit: the keys that lead to a place of the look, and what is done there, as in RFC 6902. */
export class PatchDto {
  @IsIn(['add', 'remove', 'replace']) op!: 'add' | 'remove' | 'replace'
  @IsArray()
  @ArrayMaxSize(16)
  @JSONSchema({ type: 'array', items: { oneOf: [{ type: 'string' }, { type: 'integer' }] } })
  path!: (string | number)[]
  @IsOptional() @JSONSchema({ description: 'any JSON' }) value?: unknown
}

/** An edit as it is sent. */
export class SentEditDto {
  /** Given by the client; sent twice an edit is one. */
  @IsString() @Matches(ID) id!: string
  @IsIn(journalKinds) kind!: JournalKind
  /** The edit taken back or done again; its own id for one made anew. */
  @IsString() @Matches(ID) of!: string
  @IsIn(editNames) what!: EditName
  @IsArray() @ArrayMaxSize(MOST_PATCHES) @ValidateNested({ each: true }) @Type(() => PatchDto) patches!: PatchDto[]
}

/** An edit as it is kept, with what takes it back. */
@JSONSchema({ 'x-core-type': 'JournalEdit' } as never)
export class JournalEditDto extends SentEditDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => PatchDto) inverse!: PatchDto[]
}

/** Edits to append to a look, made on a revision of it. */
export class SaveEditsDto {
  /** The revision the first of them was made on. */
  @IsInt() @Min(0) @Max(2_000_000_000) base!: number
  @IsArray() @ArrayMinSize(1) @ArrayMaxSize(MOST_EDITS) @ValidateNested({ each: true }) @Type(() => SentEditDto) edits!: SentEditDto[]
  /** Fingerprint of the look with all of them. */
  @IsString() @MaxLength(64) hash!: string
  /** Who: the window they were made in. */
  @IsString() @MaxLength(64) window!: string
}

export class SavedDto {
  @IsInt() revision!: number
  /** What others saved in between, merged. */
  @IsArray() @ValidateNested({ each: true }) @Type(() => JournalEditDto) between!: JournalEditDto[]
  /** Fingerprint of the look now. */
  @IsString() hash!: string
}

@JSONSchema({ 'x-core-type': 'History' } as never)
export class HistoryDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => JournalEditDto) past!: JournalEditDto[]
  @IsArray() @ValidateNested({ each: true }) @Type(() => JournalEditDto) future!: JournalEditDto[]
}

/** A look with its revision, its fingerprint, and what can be taken back and done again. */
export class LookAnswerDto {
  @IsString() id!: string
  @IsString() occasionId!: string
  @IsInt() revision!: number
  @IsString() hash!: string
  @IsObject() @IsCore('Look') look!: Look
  @ValidateNested() @Type(() => HistoryDto) history!: HistoryDto
}

/** A whole look put in the place of the one there is. */
export class ReplaceLookDto {
  @IsObject() @IsCore('Look') look!: Look
  /** Sent by older clients, and not read: the journal keeps what was done. */
  @IsOptional() @IsObject() history?: object
}

export class ReplacedDto {
  @IsString() id!: string
  @IsInt() revision!: number
}

export class CopyLookDto {
  @IsObject() @IsCore('Look') look!: Look
  @IsOptional() @IsString() @MaxLength(200) name?: string
}

/** One entry of a look's journal without its patches: who changed what, when. */
export class JournalLineDto {
  @IsString() id!: string
  @IsInt() revision!: number
  @IsIn(journalKinds) kind!: JournalKind
  @IsString() of!: string
  @IsString() what!: string
  @IsString() window!: string
  @IsInt() atMs!: number
}

export class JournalDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => JournalLineDto) edits!: JournalLineDto[]
}

/** What came after a revision. */
export class SinceDto {
  @IsInt() revision!: number
  @IsArray() @ValidateNested({ each: true }) @Type(() => JournalEditDto) edits!: JournalEditDto[]
}
