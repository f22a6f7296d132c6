import type { ValidateFunction } from 'ajv'

/** The checks of `checkedSchemas`, compiled by the build: a check compiled where it is used takes a third of a second. */
export const quick: ValidateFunction
export const look: ValidateFunction
export const piece: ValidateFunction
export const offer: ValidateFunction
export const facts: ValidateFunction
