import { Type } from 'class-transformer'
import { IsArray, IsInt, IsObject, IsString, ValidateNested } from 'class-validator'

export class KeptFieldsDto {
  /** What is kept, as the page that keeps it writes and checks it. */
  @IsObject() value!: object
}

export class KeptDto extends KeptFieldsDto {
  @IsString() id!: string
  @IsInt() createdAtMs!: number
}

export class KeptListDto {
  @IsArray() @ValidateNested({ each: true }) @Type(() => KeptDto) kept!: KeptDto[]
}
