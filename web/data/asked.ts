import { queryOptions } from '@tanstack/react-query';
import type { Access, Home, PairedDevice } from '@keeper/contract/access';
import type { Backups } from '@keeper/contract/backups';
import type { CalendarFeed } from '@keeper/contract/calendar';
import type { BookTally } from '@keeper/contract/book';
import type { CaptureEvents } from '@keeper/contract/events';
import type { Health } from '@keeper/contract/health';
import type { OutingEvents, SwimRate } from '@keeper/contract/outings';
import type { PicturedFish } from '@keeper/contract/pictured';
import type { KeptSettings } from '@keeper/contract/preferences';
import type { WeighedFish } from '@keeper/contract/weighed';
import type { MeasuredFish } from '@keeper/core/domain/capture/measuredFish';
import type { HandlingPast } from '@keeper/core/care/handling';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import type { IdentityDecision } from '@keeper/core/domain/identity/identityDecision';
import type { OutingSummary } from '@keeper/core/domain/outing/outingState';
import type { ToldSetup } from '@keeper/core/domain/outing/rememberedRodWords';
import { ask, askedAt } from './api.js';
import type { RowKind } from './deviceStore.js';
import { heldAs } from './whose.js';

/** A row of the keeper's own that counts its revisions. */
export interface Row {
  readonly id: string;
  readonly revision: number;
}

/** What is asked of the server, each under the key that it is kept and asked anew by. */
export const asked = {
  access: queryOptions({ queryKey: ['access'], queryFn: async () => heldAs(await ask<Access>('/access')) }),
  home: queryOptions({ queryKey: ['access', 'home'], queryFn: () => ask<Home>('/access/home') }),
  devices: queryOptions({ queryKey: ['access', 'devices'], queryFn: () => ask<PairedDevice[]>('/access/devices') }),
  calendarFeed: queryOptions({ queryKey: ['calendar'], queryFn: () => ask<CalendarFeed>('/calendar') }),
  backups: queryOptions({ queryKey: ['backups'], queryFn: () => ask<Backups>('/backups') }),
  health: queryOptions({ queryKey: ['health'], queryFn: () => ask<Health>('/health') }),
  settings: (keeperId: string) =>
    queryOptions({
      queryKey: ['settings', keeperId],
      queryFn: () => ask<KeptSettings>(`/settings?keeperId=${keeperId}`),
    }),
  tally: (keeperId: string) =>
    queryOptions({
      queryKey: ['tally', keeperId],
      queryFn: () => ask<BookTally>(`/captures/tally?keeperId=${keeperId}`),
    }),
  handling: (keeperId: string, species: SpeciesId | undefined) =>
    queryOptions({
      queryKey: ['handling', keeperId, species ?? 'all'],
      queryFn: () =>
        ask<HandlingPast>(`/captures/handling?keeperId=${keeperId}${species ? `&species=${species}` : ''}`),
    }),
  pictured: queryOptions({ queryKey: ['pictured'], queryFn: () => ask<PicturedFish[]>('/captures/pictured') }),
  measured: queryOptions({ queryKey: ['measured'], queryFn: () => ask<MeasuredFish[]>('/captures/measured') }),
  setups: queryOptions({ queryKey: ['setups'], queryFn: () => ask<ToldSetup[]>('/captures/setups') }),
  weighed: queryOptions({ queryKey: ['weighed'], queryFn: () => ask<WeighedFish[]>('/captures/weighed') }),
  decisions: queryOptions({
    queryKey: ['decisions'],
    queryFn: () => askedAt<IdentityDecision[]>('/captures/decisions'),
  }),
  capture: (captureId: string) =>
    queryOptions({
      queryKey: ['capture', captureId],
      queryFn: () => ask<CaptureEvents>(`/captures/${captureId}`),
    }),
  outings: queryOptions({ queryKey: ['outings'], queryFn: () => ask<OutingSummary[]>('/outings') }),
  swimRates: (without: string) =>
    queryOptions({
      // Under the outings: it changes with them.
      queryKey: ['outings', 'swims', without],
      queryFn: () => ask<SwimRate[]>(`/outings/swims?without=${without}`),
    }),
  outing: (outingId: string | null) =>
    queryOptions({
      queryKey: ['outing', outingId],
      queryFn: () => ask<OutingEvents>(`/outings/${outingId}`),
    }),
  rows: (kind: RowKind) => queryOptions({ queryKey: [kind], queryFn: () => ask<Row[]>(`/${kind}`) }),
};
