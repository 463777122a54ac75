import type { SeesDto, ShownFish } from '@keeper/contract/shown';
import type { PictureRole } from '@keeper/core/domain/capture/event';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { localTime } from '@keeper/core/measure/localTime';

/** Pictures of the fish itself. A board, a scale or a release may show where it was. */
const SHOWN_ROLES: readonly (PictureRole | null)[] = ['portrait', 'left-flank', 'right-flank'];

/** What the keepers and the known fish are called. */
export interface Names {
  readonly keeper: (keeperId: string) => string | undefined;
  readonly fish: (fishId: string) => string | undefined;
}

/** The pictures of a fish that a reader may see. */
export function shownPictures({ pictures }: Pick<CaptureSummary, 'pictures'>, sees: SeesDto): string[] {
  return sees.pictures ? pictures.filter(({ role }) => SHOWN_ROLES.includes(role)).map(({ sha256 }) => sha256) : [];
}

/**
 * A fish as a reader sees it; undefined for one that was not landed. What stands here leaves the book: each field is
 * named, and nothing is handed on by being there.
 */
export function shownFish(summary: CaptureSummary, sees: SeesDto, names: Names): ShownFish | undefined {
  const { captureId, startedAt, zone, outcome, species, form, kindName, angler, keeperId, fishId } = summary;
  const day = localTime(startedAt ?? '', zone)?.day;
  if (day === undefined || (outcome !== 'released' && outcome !== 'died')) return undefined;
  return {
    captureId,
    day,
    species,
    form,
    kindName,
    whose: (angler && angler.who !== 'keeper' ? angler.name : names.keeper(keeperId ?? '')) ?? null,
    name: names.fish(fishId ?? '') ?? null,
    net: sees.sizes ? summary.net : null,
    length: sees.sizes ? summary.length : null,
    pictures: shownPictures(summary, sees),
  };
}
