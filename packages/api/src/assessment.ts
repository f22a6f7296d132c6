import type { Figures, Finding } from '@hestiad/core'
import { IsArray, IsObject } from 'class-validator'
import { IsCore, IsCoreList } from './coreTypes.js'

/** Figures and findings of a look, with remedies. */
export class AssessmentDto {
  @IsObject() @IsCore('Figures') figures!: Figures
  @IsArray() @IsCoreList('Finding') findings!: Finding[]
}
