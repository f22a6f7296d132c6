/** How a napkin can be folded. */
export const foldKinds = ['flat', 'band', 'knot', 'ring', 'pocket', 'fan', 'pyramid', 'tree', 'roll', 'bundle', 'draped', 'triangle'] as const
export type FoldKind = (typeof foldKinds)[number]
