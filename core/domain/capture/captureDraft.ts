import { isOpenWound, type Treatment } from '../fish/wound.js';
import type { CaptureEvent, EventOf, EventPayloads, EventType, Facts } from './event.js';
import { stableJson } from '../../measure/stableJson.js';
import { correctionsOf } from './facts.js';
import type { PutForward } from '../meeting/putForward.js';
import type { GapTold } from './gapTold.js';
import { withSign } from './sign.js';
import {
  emptyCapture,
  isDeath,
  type CaptureState,
  type Mark,
  type Outcome,
  type PictureGone,
  type PictureOfCapture,
  type MediumInterval,
  type WoundOfCapture,
} from './captureState.js';

/** What is done at the desk says nothing of whether somebody still stands beside the fish. */
const AT_THE_DESK: readonly EventType[] = [
  ...([
    'described',
    'amended',
    'picture-added',
    'picture-removed',
    'picture-deleted',
    'picture-read',
    'identified',
    'put-forward',
  ] as const),
  ...([
    'rod-told',
    'loss-told',
    'outing-bound',
    'written-up',
    'entry-kept',
    'time-amended',
    'gap-told',
    'undone',
  ] as const),
];

const HOOK_ENDS = { 'hook-out': 'out', 'hook-cut': 'cut', 'line-cut': 'left-in', 'hook-shed': 'shed' } as const;

type Growing<T> = { -readonly [K in keyof T]: T[K] };
type Plain = Omit<
  CaptureState,
  | 'spells'
  | 'marks'
  | 'pictures'
  | 'amendments'
  | 'timeAmendments'
  | 'rodCorrections'
  | 'picturesGone'
  | 'wounds'
  | 'recovery'
  | 'interruptions'
  | 'devices'
  | 'notSameAs'
  | 'putForward'
  | 'setAside'
>;

/**
 * A capture while its log is replayed: it grows in place, so that a replay takes as long as there are events, not as
 * long as their square.
 */
export class CaptureDraft {
  private readonly plain: Growing<Plain>;
  private readonly spells: Growing<MediumInterval>[] = [];
  private readonly marks: Mark[] = [];
  private readonly pictures = new Map<string, PictureOfCapture>();
  private readonly amendments: CaptureState['amendments'][number][] = [];
  private readonly rodCorrections: CaptureState['rodCorrections'][number][] = [];
  private readonly picturesGone: PictureGone[] = [];
  private readonly wounds: WoundOfCapture[] = [];
  private readonly interruptions: Growing<CaptureState['interruptions'][number]>[] = [];
  private readonly devices = new Set<string>();
  private readonly notSameAs: string[] = [];
  private readonly putForward: PutForward[] = [];
  private heldMs: number | null = null;
  private readonly gillBeats: CaptureState['recovery']['gillBeats'][number][] = [];
  private readonly recoverySigns: CaptureState['recovery']['signs'][number][] = [];

  constructor(captureId: string) {
    this.plain = emptyCapture(captureId);
  }

  state(): Omit<CaptureState, 'timeAmendments' | 'setAside'> {
    return {
      ...this.plain,
      spells: this.spells,
      marks: this.marks,
      pictures: [...this.pictures.values()],
      amendments: this.amendments,
      rodCorrections: this.rodCorrections,
      picturesGone: this.picturesGone,
      wounds: this.wounds,
      recovery: { heldMs: this.heldMs, gillBeats: this.gillBeats, signs: this.recoverySigns },
      interruptions: this.interruptions,
      devices: [...this.devices],
      notSameAs: this.notSameAs,
      putForward: this.putForward,
    };
  }

  /**
   * One event further. Events must come in order of time and be readable; nothing that happens is refused, for it did
   * happen.
   */
  apply(event: CaptureEvent): void {
    const { plain } = this;
    const atMs = event.elapsedMs;
    this.devices.add(event.deviceId);
    if (plain.endMs === null && !AT_THE_DESK.includes(event.type)) plain.lastTapMs = atMs;
    switch (event.type) {
      case 'hooked':
        this.hook(event);
        break;
      case 'lifted':
        this.mark(event);
        plain.lastWetMs = atMs;
        this.enter('air', atMs);
        break;
      case 'returned':
      case 'rested':
      case 'held':
        this.mark(event);
        plain.lastWetMs = atMs;
        this.enter('water', atMs);
        if (event.type === 'held') this.heldMs ??= atMs;
        break;
      case 'weighed':
      case 'measured':
      case 'pictured':
        this.mark(event);
        if ((event.type === 'pictured' || event.type === 'measured') && event.payload.in === 'water') break;
        plain.airComplete &&= this.spells.some(({ medium }) => medium === 'air');
        break;
      case 'netted':
      case 'off-rig':
      case 'looked-over':
      case 'carried':
      case 'zeroed':
      case 'dropped':
        this.mark(event);
        break;
      case 'wetted':
        this.mark(event);
        plain.lastWetMs = atMs;
        break;
      case 'hook-out':
      case 'hook-cut':
      case 'line-cut':
      case 'hook-shed':
        this.mark(event);
        plain.hookEnd = HOOK_ENDS[event.type];
        break;
      case 'hook-held':
        plain.hookHold = event.payload.hold;
        break;
      case 'rod-told':
        this.tellRod(event);
        break;
      case 'loss-told':
        plain.loss = event.payload;
        break;
      case 'seen':
        plain.signs = withSign(plain.signs, event.payload.sign);
        break;
      case 'wound-noted':
        this.wounds.push({ ...event.payload.wound, woundId: event.id, treatedWith: [] });
        break;
      case 'treated':
        this.mark(event);
        this.treat(event.payload);
        break;
      case 'sling-hung':
        plain.slingAfter = event.payload.shown;
        plain.slingAfterWay = event.payload.way ?? null;
        break;
      case 'entry-kept':
        plain.entryKept = { note: event.payload.note ?? null };
        break;
      case 'gill-beat':
        this.gillBeats.push({ atMs, perMinute: event.payload.perMinute });
        break;
      case 'recovering': {
        const { sign } = event.payload;
        if (!this.recoverySigns.some((each) => each.sign === sign)) this.recoverySigns.push({ atMs, sign });
        break;
      }
      case 'released':
      case 'lost':
        if (plain.endMs !== null) break;
        this.mark(event);
        plain.straightBack = event.type === 'released' && event.payload.straight === true;
        this.end(event.type, atMs);
        break;
      case 'left-as':
        if (!['open', 'released', 'died'].includes(plain.outcome)) break;
        plain.leaving = event.payload.leaving;
        this.end(isDeath(event.payload.leaving) ? 'died' : 'released', atMs);
        break;
      case 'interrupted':
        this.interruptions.push({ atMs, why: event.payload.why, endMs: null });
        break;
      case 'taken-up':
        // Whatever was open before the last one that is closed was closed with it.
        for (let i = this.interruptions.length - 1; i >= 0; i -= 1) {
          const each = this.interruptions[i];
          if (!each || each.endMs !== null) break;
          each.endMs = atMs;
        }
        break;
      case 'outing-bound':
        this.bindOuting(event.payload);
        break;
      case 'gap-told':
        this.tellGap(event.payload, atMs);
        break;
      case 'merged':
        plain.mergedInto = event.payload.into;
        this.end('merged', atMs);
        break;
      case 'discarded':
        this.end('discarded', atMs);
        break;
      case 'reading-taken':
        this.note(event, { weight: event.payload.weight }, '');
        break;
      case 'described':
        this.note(event, event.payload.facts, '');
        break;
      case 'amended':
        this.note(event, event.payload.facts, event.payload.why);
        break;
      case 'picture-added': {
        const { sha256, role } = event.payload;
        if (!this.pictures.has(sha256)) this.pictures.set(sha256, { sha256, role: role ?? null });
        break;
      }
      case 'picture-removed':
      case 'picture-deleted':
        this.letGoOfPicture(event);
        break;
      case 'picture-read':
        this.readPicture(event.payload);
        break;
      case 'identified':
        if (event.payload.says !== 'different') plain.identity = { ...event.payload, eventId: event.id };
        else if (event.payload.by) this.notSameAs.push(event.payload.by.captureId);
        break;
      case 'put-forward':
        this.putForward.push({ ...event.payload, at: event.at });
        break;
      case 'written-up':
        plain.writtenUp = true;
        break;
      case 'time-amended':
      case 'undone':
        break;
    }
  }

  private hook({ at, elapsedMs, payload, ...event }: Extract<CaptureEvent, { type: 'hooked' }>): void {
    const { plain } = this;
    if (plain.startedAt !== null) return;
    this.marks.push({ eventId: event.id, type: 'hooked', atMs: elapsedMs });
    plain.startedAt = at;
    plain.begunAt = at;
    plain.zone = payload.zone ?? null;
    plain.origin = payload.from ?? 'bank';
    plain.dated = payload.dated ?? null;
    plain.imported = payload.imported ?? null;
    plain.begunBy = payload.keeperId ?? null;
    plain.outingId = payload.outingId ?? null;
    plain.swimId = payload.swimId ?? null;
    plain.gaps = payload.gaps ?? [];
    plain.conditions = payload.around ?? {};
    if (payload.waterId) plain.facts = { ...plain.facts, waterId: payload.waterId };
    this.enter('water', elapsedMs);
  }

  private mark({ id, type, elapsedMs }: CaptureEvent): void {
    this.marks.push({ eventId: id, type, atMs: elapsedMs });
  }

  private enter(medium: MediumInterval['medium'], atMs: number): void {
    const last = this.spells.at(-1);
    // After the release nothing reopens the clock; a second lift while in the air is the same spell.
    if (last && (last.toMs !== null || last.medium === medium)) return;
    this.close(atMs);
    this.spells.push({ medium, fromMs: atMs, toMs: null });
  }

  private close(atMs: number): void {
    const last = this.spells.at(-1);
    if (last) last.toMs ??= atMs;
  }

  private end(outcome: Outcome, atMs: number): void {
    this.plain.outcome = outcome;
    this.plain.endMs ??= atMs;
    this.close(atMs);
  }

  private note(event: CaptureEvent, facts: Facts, why: string): void {
    const { plain } = this;
    const { changed, corrections, asksAnew } = correctionsOf(this.standingFacts(), event, facts, why);
    const { taken, swimId, outingId, ...told } = changed;
    plain.facts = { ...plain.facts, ...told };
    if (swimId !== undefined) plain.swimId = swimId;
    if (outingId !== undefined) plain.outingId = outingId;
    if (taken) {
      plain.startedAt = taken.at;
      plain.dated = taken.dated ?? null;
    }
    this.amendments.push(...corrections);
    if (asksAnew) plain.entryKept = null;
  }

  /** What was written down, with when and where it was taken: those were tapped, and are put right like all else. */
  private standingFacts(): Facts {
    const { facts, swimId, outingId, startedAt, dated } = this.plain;
    return {
      ...facts,
      swimId,
      outingId,
      ...(startedAt !== null && { taken: { at: startedAt, ...(dated && { dated }) } }),
    };
  }

  /** Applies a treatment to one wound, or to every open one; the same once more adds nothing. */
  private treat({ with: treatment, woundId }: { with: Treatment; woundId?: string }): void {
    for (const [i, wound] of this.wounds.entries()) {
      const isMeant = woundId ? wound.woundId === woundId : isOpenWound(wound);
      if (!isMeant || wound.treatedWith.includes(treatment)) continue;
      this.wounds[i] = { ...wound, treatedWith: [...wound.treatedWith, treatment] };
    }
  }

  /** What is told once the fish is away and differs from what stood is a correction; before, it is being told. */
  private tellRod({ id, at, payload }: EventOf<'rod-told'>): void {
    const { plain } = this;
    const from = plain.rod;
    if (from && plain.endMs !== null && stableJson(from) !== stableJson(payload))
      this.rodCorrections.push({ eventId: id, at, from, to: payload });
    plain.rod = payload;
  }

  private bindOuting({ outingId, swimId, waterId, around }: EventPayloads['outing-bound']): void {
    const { plain } = this;
    if (plain.outingId !== null && plain.outingId !== outingId) return;
    plain.outingId = outingId;
    // What was known at the take stands.
    if (around && Object.keys(plain.conditions).length === 0) plain.conditions = around;
    plain.swimId ??= swimId ?? null;
    if (waterId && plain.facts.waterId === undefined) plain.facts = { ...plain.facts, waterId };
  }

  /**
   * What is known of a fish that was left alone for long. Where it is still here the clocks go on. Else it went back:
   * when that is known its time in the air ends there; when not, what was tapped is all that is known of it, and the
   * air time is a lower bound.
   */
  private tellGap({ says, fromMs, backMs }: GapTold, atMs: number): void {
    const { plain } = this;
    if (plain.endMs !== null || says === 'still-here') {
      plain.lastTapMs = Math.max(plain.lastTapMs, atMs);
      return;
    }
    const spell = this.spells.at(-1);
    plain.airComplete &&= backMs !== undefined || spell?.medium !== 'air';
    this.end('released', Math.max(spell?.fromMs ?? 0, backMs ?? fromMs));
  }

  private letGoOfPicture({ id, at, type, payload }: EventOf<'picture-removed'> | EventOf<'picture-deleted'>): void {
    const { sha256, why } = payload;
    const deleted = type === 'picture-deleted';
    const movedTo = 'movedTo' in payload ? (payload.movedTo ?? null) : null;
    if (this.pictures.delete(sha256) || deleted)
      this.picturesGone.push({ eventId: id, at, sha256, why, movedTo, deleted });
  }

  private readPicture({ sha256, role, ...made }: EventPayloads['picture-read']): void {
    const picture = this.pictures.get(sha256);
    if (!picture) return;
    this.pictures.set(sha256, { ...picture, role: role ?? picture.role, reading: { ...picture.reading, ...made } });
  }
}
