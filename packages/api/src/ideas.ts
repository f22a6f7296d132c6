import { ideaKinds, roomStages, type IdeaKind, type RoomStage } from '@hestiad/core'
import { Type } from 'class-transformer'
import { IsArray, IsBoolean, IsIn, IsInt, IsOptional, IsString, Matches, MaxLength, ValidateNested } from 'class-validator'

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
