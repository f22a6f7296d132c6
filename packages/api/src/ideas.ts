import { Type } from 'class-transformer'
import { IsArray, IsBoolean, IsIn, IsInt, IsOptional, IsString, Matches, MaxLength, ValidateNested } from 'class-validator'

/** Something seen of which something is taken, or something to do in a room, apart from any occasion. */
export const ideaKinds = ['idea', 'room'] as const
export type IdeaKind = (typeof ideaKinds)[number]
/** What is done in a room first comes first: what is fixed, furniture, textiles, the table last. */
export const roomStages = ['fixed', 'furniture', 'textile', 'table'] as const
export type RoomStage = (typeof roomStages)[number]

export class IdeaFieldsDto {
  @IsIn(ideaKinds) kind!: IdeaKind
  @IsString() @MaxLength(200) @Matches(/\S/, { message: 'Say what it is.' }) what!: string
  /** Where it was seen, in the stylist's words. */
  @IsString() @MaxLength(200) source!: string
  /** What of it is taken, and what is made one's own. */
  @IsString() @MaxLength(1000) takes!: string
  @IsOptional() @IsString() @MaxLength(64) photoId?: string
  @IsOptional() @IsIn(roomStages) stage?: RoomStage
  @IsBoolean() done!: boolean
}

export class IdeaDto extends IdeaFieldsDto {
  @IsString() id!: string
  @IsInt() createdAtMs!: number
}

export class IdeasDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => IdeaDto) ideas!: IdeaDto[]
}
