/** Something seen of which something is taken, something to do in a room, apart from any occasion, or something that found another place. */
export const ideaKinds = ['idea', 'room', 'moved'] as const
export type IdeaKind = (typeof ideaKinds)[number]

/** What is done in a room first comes first: what is fixed, furniture, textiles, the table last. */
export const roomStages = ['fixed', 'furniture', 'textile', 'table'] as const
export type RoomStage = (typeof roomStages)[number]
