import { numberedId } from '../../units/slug.js'
import { makeEdit, type Edit } from '../edit.js'
import type { Look, Room, RoomView, Side, WallBehind, WallView } from '../look.js'

/** A wall nobody has measured yet stands so far off, and a lamp hangs so high and is so wide: our own starting values. */
const WALL_MM = 900
const LAMP = { bottomMm: 1550, widthMm: 450, greens: null } as const
/** Greens round a lamp hang so far below it: our own starting value. */
const HANGS_MM = 120
const VIEW = { kind: 'picture', xMm: 0, widthMm: 800, bottomMm: 1200, heightMm: 600 } as const
const PICTURE = { kind: 'picture', xMm: 0, widthMm: 600, bottomMm: 1200, heightMm: 500 } as const
const SOCKET = { xMm: 300, aboveTableMm: 100 } as const

/** Who passes, where the light and people come in, what colors stay. */
export function changeRoom(look: Look, part: Partial<Pick<Room, 'pass' | 'lightFrom' | 'door' | 'colors'>>): Edit {
  return makeEdit(look, 'room', (draft) => void Object.assign(draft.room, part))
}

/** A wall or furniture on a side, so far off; `null` when it is open, `near` at a first guess. */
export function setWall(look: Look, side: Side, clearMm: number | null | 'near'): Edit {
  return makeEdit(look, 'room', (draft) => void (draft.room.clearMm[side] = clearMm === 'near' ? WALL_MM : clearMm))
}

/** A lamp over the middle, or none. */
export function hangLamp(look: Look, hangs: boolean): Edit {
  return makeEdit(look, 'room', (draft) => void (draft.room.fixture = hangs ? { ...LAMP } : null))
}

export function changeLamp(look: Look, part: Partial<NonNullable<Room['fixture']>>): Edit {
  return makeEdit(look, 'room', (draft) => void (draft.room.fixture && Object.assign(draft.room.fixture, part)))
}

/** Greens or beads round the lamp, hanging as far as those before them, or none. */
export function dressLamp(look: Look, pieceId: string | null): Edit {
  return makeEdit(look, 'room', ({ room: { fixture } }) => {
    if (fixture) fixture.greens = pieceId === null ? null : { pieceId, hangsMm: fixture.greens?.hangsMm ?? HANGS_MM }
  })
}

/** The surface stands at a wall and is seen from one side, or people are all round it. */
export function standAtWall(look: Look, atWall: boolean): Edit {
  return makeEdit(look, 'room', (draft) => void (draft.room.behind = atWall ? { art: [], sockets: [] } : null))
}

export function addPicture(look: Look, name: string): Edit {
  return makeEdit(look, 'room', ({ room: { behind } }) => void behind?.art.push({ id: numberedId('art', behind.art), name, ...PICTURE }))
}

export function changePicture(look: Look, id: string, part: Partial<Omit<WallView, 'id'>>): Edit {
  return makeEdit(look, 'room', (draft) => void Object.assign(draft.room.behind?.art.find((one) => one.id === id) ?? {}, part))
}

export function removePicture(look: Look, id: string): Edit {
  return makeEdit(look, 'room', ({ room: { behind } }) => void (behind && (behind.art = behind.art.filter((one) => one.id !== id))))
}

export function addSocket(look: Look): Edit {
  const socket = { xMm: SOCKET.xMm, heightMm: look.table.heightMm + SOCKET.aboveTableMm }
  return makeEdit(look, 'room', (draft) => void draft.room.behind?.sockets.push(socket))
}

export function changeSocket(look: Look, i: number, part: Partial<WallBehind['sockets'][number]>): Edit {
  return makeEdit(look, 'room', (draft) => void Object.assign(draft.room.behind?.sockets[i] ?? {}, part))
}

export function removeSocket(look: Look, i: number): Edit {
  return makeEdit(look, 'room', (draft) => void draft.room.behind?.sockets.splice(i, 1))
}

/** Something to be seen on a wall round the table. */
export function addView(look: Look, name: string): Edit {
  return makeEdit(look, 'room', ({ room }) => void room.views.push({ id: numberedId('view', room.views), name, side: 'north', ...VIEW }))
}

export function changeView(look: Look, id: string, part: Partial<Omit<RoomView, 'id'>>): Edit {
  return makeEdit(look, 'room', (draft) => void Object.assign(draft.room.views.find((one) => one.id === id) ?? {}, part))
}

export function removeView(look: Look, id: string): Edit {
  return makeEdit(look, 'room', ({ room }) => void (room.views = room.views.filter((one) => one.id !== id)))
}
