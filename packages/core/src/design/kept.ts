/** What a stylist keeps beside occasions and cupboard: what was preferred of composed looks, recipes, base sets, searches of the cupboard, the own style. */
export const keptKinds = ['taste', 'recipe', 'base', 'search', 'style'] as const
export type KeptKind = (typeof keptKinds)[number]
