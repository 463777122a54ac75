import { Injectable } from '@nestjs/common';
import { and, desc, eq, isNull, ne, or } from 'drizzle-orm';
import type { PairedDevice, Role } from '@keeper/contract/access';
import type { SeesDto } from '@keeper/contract/shown';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { Database } from '../storage/database.js';
import { devices, keepers } from '../storage/schema.js';
import { hashToken, newToken } from './sessionToken.js';

export type DeviceRow = typeof devices.$inferSelect;

/** A session gets a new token after a day. */
export const RENEWED_AFTER_MS = 24 * 3600_000;
/**
 * Requests that were under way with the token before are answered for so long without another: of two new ones the
 * browser might keep the one that holds no more.
 */
export const ON_THE_WAY_MS = 60_000;
/** When a device was last seen is written down so often. */
const SEEN_AGAIN_AFTER_MS = 60_000;

interface NewDevice {
  readonly id: string;
  readonly deviceId: string;
  readonly name: string;
  readonly role: Role;
  readonly keeperId: string;
  readonly sees: SeesDto | null;
}

/** Devices that were let in, with their sessions. */
@Injectable()
export class DevicesRepository {
  constructor(private readonly database: Database) {}

  /** Whether somebody keeps this book now; its first keeper does, named or not. */
  hasKeeper(keeperId: string): boolean {
    const [row] = this.database.drizzle.select().from(keepers).where(eq(keepers.id, keeperId)).all();
    if (!row) return keeperId === FIRST_KEEPER;
    return !(JSON.parse(row.body) as { readonly retired: boolean }).retired;
  }

  /** Lets a device in; the token is for it alone and is nowhere kept. One that was here before gives way. */
  add({ id, deviceId, name, role, keeperId, sees }: NewDevice, now: Date): string {
    const token = newToken();
    const at = now.toISOString();
    this.database.write(() => {
      this.database.drizzle.delete(devices).where(eq(devices.deviceId, deviceId)).run();
      this.database.drizzle
        .insert(devices)
        .values({
          id,
          deviceId,
          name,
          role,
          keeperId,
          sees: sees && JSON.stringify(sees),
          tokenHash: hashToken(token),
          renewedAt: at,
          pairedAt: at,
          lastSeenAt: at,
        })
        .run();
    });
    return token;
  }

  /** Whose token it is, new or the one before; undefined for nobody's. */
  byToken(token: string): DeviceRow | undefined {
    const hash = hashToken(token);
    return this.database.drizzle
      .select()
      .from(devices)
      .where(or(eq(devices.tokenHash, hash), eq(devices.formerHash, hash)))
      .get();
  }

  /**
   * Notes that a device was here, and renews its token when it is a day old. The token before holds until the new one
   * was used; where it still comes after a minute, the answer with the new one was lost, and there is another.
   * @returns the new token, where there is one
   */
  see(device: DeviceRow, token: string, waiting: number | undefined, now: Date): string | undefined {
    const hash = hashToken(token);
    const isFormer = device.formerHash === hash;
    const ageMs = now.getTime() - Date.parse(device.renewedAt);
    const renewed = ageMs >= (isFormer ? ON_THE_WAY_MS : RENEWED_AFTER_MS) ? newToken() : undefined;
    const isNews =
      now.getTime() - Date.parse(device.lastSeenAt) >= SEEN_AGAIN_AFTER_MS ||
      (waiting !== undefined && waiting !== device.waiting);
    const confirmsNew = !isFormer && device.formerHash !== null;
    if (!renewed && !isNews && !confirmsNew) return undefined;
    this.change(device.id, {
      lastSeenAt: now.toISOString(),
      ...(waiting !== undefined && { waiting }),
      ...(confirmsNew && { formerHash: null }),
      ...(renewed && { tokenHash: hashToken(renewed), formerHash: hash, renewedAt: now.toISOString() }),
    });
    return renewed;
  }

  list(): readonly PairedDevice[] {
    const rows = this.database.drizzle.select().from(devices).orderBy(desc(devices.lastSeenAt)).all();
    return rows.map(({ id, name, role, keeperId, pairedAt, lastSeenAt, waiting, putOutAt, tokenHash }) => ({
      id,
      name,
      role: role as Role,
      keeperId,
      pairedAt,
      lastSeenAt,
      waiting,
      putOutAt,
      isOver: tokenHash === null,
    }));
  }

  /** Puts a device out: from now on it may only hand in what it logged before. False where there is none. */
  putOut(id: string, now: Date): boolean {
    return this.change(id, { putOutAt: now.toISOString() }) > 0;
  }

  /** Takes a device off the list: it left by itself, or came back and handed in what it had. */
  remove(id: string): void {
    this.database.write(() => this.database.drizzle.delete(devices).where(eq(devices.id, id)).run());
  }

  /** Ends the session of every device but one: they have to be let in again. */
  endAllBut(id: string | null): void {
    this.database.write(() =>
      this.database.drizzle
        .update(devices)
        .set({ tokenHash: null, formerHash: null })
        .where(and(isNull(devices.putOutAt), id === null ? undefined : ne(devices.id, id)))
        .run(),
    );
  }

  private change(id: string, to: Partial<DeviceRow>): number {
    return this.database.write(
      () => this.database.drizzle.update(devices).set(to).where(eq(devices.id, id)).run().changes,
    );
  }
}
