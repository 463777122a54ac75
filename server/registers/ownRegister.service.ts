import { localTime } from '@keeper/core/measure/localTime';
import { Injectable } from '@nestjs/common';
import type { FlankInBook } from '@keeper/contract/flanks';
import type { RegisterQueryDto } from '@keeper/contract/registers';
import type { WriteFishDto } from '@keeper/contract/fish';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { knownFish, lastOf } from '@keeper/core/domain/identity/knownFish';
import { speciesName } from '@keeper/core/domain/fish/species';
import {
  REGISTER_FORMAT,
  type RegisterFile,
  type SharedCatch,
  type SharedFlank,
} from '@keeper/core/formats/registerJson';
import { say } from '../say.js';
import { CapturesRepository } from '../captures/captures.repository.js';
import { FlankDescriptorsService } from '../flanks/flankDescriptors.service.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { RowsRepository } from '../rows/rows.repository.js';
import { Database } from '../storage/database.js';
import { fish } from '../storage/schema.js';

/** The keeper's own register as it is given to a friend: prints and names, months instead of days, no place at all. */
@Injectable()
export class OwnRegisterService {
  private readonly names;

  constructor(
    private readonly book: CapturesRepository,
    private readonly prints: FlankDescriptorsService,
    private readonly pictures: PictureStore,
    database: Database,
  ) {
    this.names = new RowsRepository<WriteFishDto>(database, fish, 'This fish');
  }

  async file({ from, thumbnails, weights }: RegisterQueryDto, now: Date): Promise<RegisterFile> {
    const names = new Map(this.names.all().map(({ id, name }) => [id, name]));
    const { flanks } = await this.prints.all();
    const shared: RegisterFile['fish'][number][] = [];
    const given = flanks.filter(({ fishId }) => fishId !== null);
    const cells = await this.prints.cells(given.map(({ print }) => print));
    for (const known of knownFish(JSON.parse(this.book.known()) as CaptureSummary[])) {
      const { species, form } = lastOf(known);
      const own = given.filter(({ fishId, print }) => fishId === known.fishId && cells.has(print));
      shared.push({
        id: known.fishId,
        species,
        form,
        name: names.get(known.fishId) ?? say(speciesName(species, form)),
        flanks: await Promise.all(
          own.map((flank) => this.flank(flank, cells.get(flank.print) ?? '', thumbnails === 'included')),
        ),
        catches: known.captures.map((capture) => catchOf(capture, weights === 'included')),
      });
    }
    return { ...REGISTER_FORMAT, from, exportedAt: now.toISOString().slice(0, 10), fish: shared };
  }

  private async flank({ sha256, side, kind }: FlankInBook, cells: string, withPicture: boolean): Promise<SharedFlank> {
    if (!withPicture) return { side, kind, cells };
    // A picture that is damaged leaves its print, which was made before.
    const thumbnail = await this.pictures.smaller(sha256, 'thumb').catch(() => undefined);
    return thumbnail ? { side, kind, cells, thumbnail: thumbnail.toString('base64') } : { side, kind, cells };
  }
}

function catchOf({ startedAt, zone, netGrams, lengthMm }: CaptureSummary, weighed: boolean): SharedCatch {
  return { month: localTime(startedAt ?? '', zone)?.month ?? '', ...(weighed && { grams: netGrams, lengthMm }) };
}
