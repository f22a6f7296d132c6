import { IsInt, IsISO8601, IsOptional, IsString, Matches, Max, MaxLength, Min, MinLength } from 'class-validator'

/** An offer the stylist has seen. */
export class NotedOfferDto {
  @IsString() @Matches(/^[a-z0-9][a-z0-9-]{0,63}$/) pieceId!: string
  @IsString() @MinLength(1) @MaxLength(200) shop!: string
  @IsInt() @Min(1) @Max(10_000) packSize!: number
  /** Absent when the price is not known. */
  @IsOptional() @IsInt() @Min(0) @Max(100_000_000) priceCents?: number
  @IsInt() @Min(0) @Max(100_000) stock!: number
  @IsInt() @Min(0) @Max(400) leadDays!: number
  @IsString() @IsISO8601({ strict: true }) day!: string
  @IsString() @MaxLength(1000) note!: string
  /** Id of a photo kept before. */
  @IsOptional() @IsString() @Matches(/^[a-z0-9-]{1,64}$/) photoId?: string
}
