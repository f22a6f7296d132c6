/** What a stylist keeps beside occasions and cupboard: what was preferred of composed looks, recipes, searches of the cupboard. */
export const keptKinds = ['taste', 'recipe', 'search'] as const
export type KeptKind = (typeof keptKinds)[number]
