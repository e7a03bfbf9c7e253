import { randomBytes } from "node:crypto";

/** What a member is told: whether the other is there, and what it sent; null at the end. */
export type Told = { readonly there: boolean } | { readonly text: string } | null;

/** One of the two seats of a room: it outlives its listener, who may come back to it. */
interface Seat {
  readonly token: string;
  listener: ((told: Told) => void) | null;
}

/** How many rooms there may be, how long one without a listener lasts, and how many codes may be guessed wrong. */
export const ROOM_LIMITS = { rooms: 64, emptyMs: 30 * 60_000, wrong: 20, wrongMs: 60_000, textBytes: 1_200_000 } as const;

/** Letters of a code that are not taken for each other; ten of them are 50 bits. */
const LETTERS = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";
const CODE_LENGTH = 10;

/** Why a room does not do what it is asked. */
export type RoomRefusal = "no-such-room" | "full" | "too-many" | "too-many-guesses" | "nobody-there" | "no-such-seat";

interface Room {
  readonly seats: Seat[];
  emptySinceMs: number;
}

/** Rooms for two, by code. What is sent is passed on at once and kept nowhere. */
export class Rooms {
  private readonly rooms = new Map<string, Room>();
  private readonly wrong: number[] = [];
  private readonly nowMs: () => number;

  constructor(nowMs: () => number = Date.now) {
    this.nowMs = nowMs;
  }

  /** Opens a room; its code is the only way in. */
  open(): { readonly code: string } | RoomRefusal {
    this.sweep();
    if (this.rooms.size >= ROOM_LIMITS.rooms) return "too-many";
    const code = [...randomBytes(CODE_LENGTH)].map((byte) => LETTERS[byte % 32]).join("");
    this.rooms.set(code, { seats: [], emptySinceMs: this.nowMs() });
    return { code };
  }

  /** Whether a room is there, and has a seat free. */
  isFree(code: string): true | RoomRefusal {
    const room = this.find(code);
    if (typeof room === "string") return room;
    return room.seats.length < 2 ? true : "full";
  }

  /** Sits down, or comes back to a seat; both are told that the other is there. */
  enter(code: string, token: string | null, listener: (told: Told) => void): { readonly token: string } | RoomRefusal {
    const room = this.find(code);
    if (typeof room === "string") return room;
    const known = token === null ? undefined : room.seats.find((seat) => seat.token === token);
    if (token !== null && known === undefined) return "no-such-seat";
    if (known === undefined && room.seats.length >= 2) return "full";
    const seat = known ?? { token: randomBytes(18).toString("base64url"), listener: null };
    if (known === undefined) room.seats.push(seat);
    seat.listener = listener;
    this.tellThere(room);
    return { token: seat.token };
  }

  /** The listener of a seat is gone; the seat stays. */
  leave(code: string, token: string, listener: (told: Told) => void): void {
    const room = this.rooms.get(code);
    const seat = room?.seats.find((s) => s.token === token);
    if (room === undefined || seat === undefined || seat.listener !== listener) return;
    seat.listener = null;
    room.emptySinceMs = this.nowMs();
    this.tellThere(room);
  }

  /** Passes a text on to the other. */
  pass(code: string, token: string, text: string): true | RoomRefusal {
    const room = this.find(code);
    if (typeof room === "string") return room;
    if (!room.seats.some((seat) => seat.token === token)) return "no-such-seat";
    const other = room.seats.find((seat) => seat.token !== token)?.listener ?? null;
    if (other === null) return "nobody-there";
    other({ text });
    return true;
  }

  /** Ends a room for both. */
  end(code: string, token: string): true | RoomRefusal {
    const room = this.find(code);
    if (typeof room === "string") return room;
    if (!room.seats.some((seat) => seat.token === token)) return "no-such-seat";
    this.rooms.delete(code);
    for (const { listener } of room.seats) listener?.(null);
    return true;
  }

  /** A room by its code; whoever guesses wrong too often is not answered for a while. */
  private find(code: string): Room | RoomRefusal {
    this.sweep();
    const now = this.nowMs();
    while (this.wrong[0] !== undefined && this.wrong[0] < now - ROOM_LIMITS.wrongMs) this.wrong.shift();
    const room = this.rooms.get(code);
    if (room !== undefined) return room;
    if (this.wrong.length >= ROOM_LIMITS.wrong) return "too-many-guesses";
    this.wrong.push(now);
    return "no-such-room";
  }

  private tellThere({ seats }: Room): void {
    const both = seats.length === 2 && seats.every((seat) => seat.listener !== null);
    for (const { listener } of seats) listener?.({ there: both });
  }

  private sweep(): void {
    const before = this.nowMs() - ROOM_LIMITS.emptyMs;
    for (const [code, room] of this.rooms)
      if (room.emptySinceMs < before && room.seats.every((seat) => seat.listener === null)) this.rooms.delete(code);
  }
}
