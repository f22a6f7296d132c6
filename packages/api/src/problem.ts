import { Type } from 'class-transformer'
import { IsArray, IsInt, IsOptional, IsString, ValidateNested } from 'class-validator'
import { JournalEditDto } from './looks.js'

/** A place at fault, and what is wrong there. */
export class FaultDto {
  @IsString() place!: string
  @IsString() message!: string
}

export class ProblemDetailsDto {
  @IsString() code!: string
  @IsString() message!: string
  @IsArray() @ValidateNested({ each: true }) @Type(() => FaultDto) faults!: FaultDto[]
  /** With a conflict: the newest revision, and what was saved in between. */
  @IsOptional() @IsInt() revision?: number
  @IsOptional() @IsArray() @ValidateNested({ each: true }) @Type(() => JournalEditDto) between?: JournalEditDto[]
}

/** How every error is answered; codes: docs/errors.md. */
export class ProblemDto {
  @ValidateNested() @Type(() => ProblemDetailsDto) error!: ProblemDetailsDto
}
