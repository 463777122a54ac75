import { randomUUID } from 'node:crypto';
import type { Readable } from 'node:stream';
import { Injectable } from '@nestjs/common';
import { ZipFile } from 'yazl';
import type { DarwinQueryDto, ReportQueryDto } from '@keeper/contract/others';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { knownFish } from '@keeper/core/domain/identity/knownFish';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { darwinCoreArchive, type DarwinCatch } from '@keeper/core/formats/darwinCore';
import type { MappedPlace } from '@keeper/core/formats/places';
import { waterReportCsv, type ReportedFish } from '@keeper/core/formats/waterReport';
import { resultOfReading } from '@keeper/core/weighing/resultOf';
import { RowsOfBook } from '../book/rowsOfBook.js';
import { CapturesRepository } from '../captures/captures.repository.js';
import { notFound } from '../errors/problem.js';
import { say } from '../say.js';
import { SettingsService } from '../settings/settings.service.js';

/** What of the book leaves for others: scientists, the bailiff of a water, a map. */
@Injectable()
export class ForOthersService {
  constructor(
    private readonly rows: RowsOfBook,
    private readonly captures: CapturesRepository,
    private readonly settings: SettingsService,
  ) {}

  /** Catches of known fish as a Darwin Core Archive, zipped. */
  darwinCore({ from, place = 'country', fish = 'recaptured' }: DarwinQueryDto, now: Date): Readable {
    const catches = this.catches(fish === 'recaptured' ? 2 : 1);
    const individuals = new Set(catches.map(({ summary }) => summary.fishId)).size;
    const files = darwinCoreArchive(catches, {
      packageId: randomUUID(),
      from,
      title: `Freshwater fish recognised again by their flanks: records of ${from}`,
      abstract: `${catches.length} catches of ${individuals} individually known fish, by one angler or household. Individuals were told apart by the pattern of their flanks; weights have an expanded uncertainty (coverage 95 %).`,
      exportedAt: now.toISOString(),
      place,
    });
    const zip = new ZipFile();
    for (const { name, text } of files) zip.addBuffer(Buffer.from(text), name, { mtime: now });
    zip.end();
    return zip.outputStream as Readable;
  }

  /** What the bailiff of a water hears of its fish. @throws Problem 404 */
  report(waterId: string, { fromDay = '', toDay = '9999-12-31' }: ReportQueryDto): string {
    const { waters, swims } = this.rows.all();
    if (!waters.some(({ id }) => id === waterId)) throw notFound('That water');
    const [fishNames, keeperNames] = [this.namesOf('fish'), this.namesOf('keepers')];
    const swimNames = new Map(swims.map(({ id, name }) => [id, name]));
    const here = this.captures.ofWater(waterId);
    const told = here
      .filter(({ startedAt, outcome }) => outcome !== 'open' && isWithin(startedAt ?? '', fromDay, toDay))
      .map((summary): ReportedFish => {
        const { fishId, angler, keeperId, swimId } = summary;
        const earlier = (each: CaptureSummary) => (each.startedAt ?? '') < (summary.startedAt ?? '');
        return {
          summary,
          swimName: swimNames.get(swimId ?? '') ?? null,
          fishName: fishNames.get(fishId ?? '') ?? null,
          before: fishId === null ? [] : here.filter((each) => each.fishId === fishId && earlier(each)).toReversed(),
          caughtBy: (angler && angler.who !== 'keeper' ? angler.name : keeperNames.get(keeperId ?? '')) ?? null,
        };
      });
    return waterReportCsv(told, say);
  }

  /** Every water and swim that has a position. */
  places(): MappedPlace[] {
    const { waters, swims } = this.rows.all();
    const nameOf = (id: string) => waters.find((water) => water.id === id)?.name ?? null;
    return [
      ...waters.flatMap(({ id, name, note, position }) =>
        position ? [{ id, kind: 'water' as const, name, of: null, note, position }] : [],
      ),
      ...swims.flatMap(({ id, name, note, position, waterId }) =>
        position ? [{ id, kind: 'swim' as const, name, of: nameOf(waterId), note, position }] : [],
      ),
    ];
  }

  private catches(least: number): DarwinCatch[] {
    const { waters, kit } = this.rows.all();
    const names = this.namesOf('fish');
    const known = knownFish(JSON.parse(this.captures.known()) as CaptureSummary[]);
    return known
      .filter(({ captures }) => captures.length >= least)
      .flatMap(({ fishId, captures }) =>
        captures.map((summary, i) => {
          const { weighing, startedAt, waterId, keeperId } = summary;
          const { rounding } = this.settings.read(keeperId ?? FIRST_KEEPER);
          return {
            summary,
            water: waters.find(({ id }) => id === waterId),
            fishName: names.get(fishId) ?? null,
            nth: i + 1,
            weight: weighing ? resultOfReading(weighing, startedAt ?? '', kit, rounding) : undefined,
          };
        }),
      );
  }

  private namesOf(kind: 'fish' | 'keepers'): Map<string, string> {
    return new Map(this.rows.of(kind).map(({ id, name }) => [id, String(name)]));
  }
}

/** Days of the calendar sort as text; whatever hour follows lies within. */
function isWithin(at: string, fromDay: string, toDay: string): boolean {
  return at >= fromDay && at < `${toDay}~`;
}
