import { ArrayMaxSize, IsArray, IsObject } from 'class-validator'

/** A piece with its facts; both have a schema of their own. */
export class ItemDto {
  @IsObject() piece!: object
  @IsObject() facts!: object
}

export class ItemsDto {
  @IsArray() @ArrayMaxSize(10_000) @IsObject({ each: true }) items!: object[]
}
