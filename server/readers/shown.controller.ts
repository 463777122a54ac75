import { Controller, Get, Param, ParseUUIDPipe, Query, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import type { BookPage } from '@keeper/contract/book';
import type { WriteFishDto } from '@keeper/contract/fish';
import type { WriteKeeperDto } from '@keeper/contract/keepers';
import { ShownQueryDto, type SeesDto, type ShownPage } from '@keeper/contract/shown';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import { askingOf, keeperAsked, roleOf } from '../access/asking.js';
import { CapturesRepository } from '../captures/captures.repository.js';
import { notFound } from '../errors/problem.js';
import { PictureStore } from '../pictures/pictureStore.js';
import { RowsRepository } from '../rows/rows.repository.js';
import { Database } from '../storage/database.js';
import { fish, keepers } from '../storage/schema.js';
import { shownFish, shownPictures, type Names } from './shownFish.js';

/** What a keeper sees who looks at what readers see. */
const EVERYTHING: SeesDto = { whose: 'all', sizes: true, pictures: true };
/** Where it was not said what a reader sees, it is as little as can be. */
const LEAST: SeesDto = { whose: 'own', sizes: false, pictures: false };

/** The fish of the book for those who were let in to read, without their places. */
@Controller('shown')
export class ShownController {
  private readonly fish;
  private readonly keepers;

  constructor(
    private readonly book: CapturesRepository,
    private readonly pictures: PictureStore,
    database: Database,
  ) {
    this.fish = new RowsRepository<WriteFishDto>(database, fish, 'This fish');
    this.keepers = new RowsRepository<WriteKeeperDto>(database, keepers, 'This keeper');
  }

  @Get()
  page(@Query() { after }: ShownQueryDto, @Req() request: Request): ShownPage {
    const { sees, keeperId } = seenBy(request);
    const page = JSON.parse(this.book.page({ ...(after && { after }), ...(keeperId && { keeperId }) })) as BookPage;
    const names = this.names();
    return { rows: page.rows.flatMap((summary) => shownFish(summary, sees, names) ?? []), next: page.next };
  }

  @Get(':captureId/pictures/:sha256')
  async picture(
    @Param('captureId', ParseUUIDPipe) captureId: string,
    @Param('sha256') sha256: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    const { sees, keeperId } = seenBy(request);
    const kept = this.book.summary(captureId);
    const summary = kept === undefined ? undefined : (JSON.parse(kept) as CaptureSummary);
    const isShown =
      summary !== undefined &&
      shownFish(summary, sees, NO_NAMES) !== undefined &&
      (keeperId === undefined || summary.keeperId === keeperId) &&
      shownPictures(summary, sees).includes(sha256);
    if (!isShown) throw notFound('That picture');
    const copy = await this.pictures.smaller(sha256, 'view');
    response.setHeader('Cache-Control', 'private, max-age=3600').type('image/jpeg').send(copy);
  }

  private names(): Names {
    const [keeperNames, fishNames] = [this.keepers, this.fish].map(
      (rows) => new Map(rows.all().map(({ id, name }) => [id, name])),
    );
    return { keeper: (id) => keeperNames?.get(id), fish: (id) => fishNames?.get(id) };
  }
}

const NO_NAMES: Names = { keeper: () => undefined, fish: () => undefined };

/** What may be seen, and of whose fish; of everybody's where no keeper is named. */
function seenBy(request: Request): { readonly sees: SeesDto; readonly keeperId: string | undefined } {
  const asking = askingOf(request);
  const said = asking.device?.sees;
  const sees = roleOf(asking) === 'keeper' ? EVERYTHING : said ? (JSON.parse(said) as SeesDto) : LEAST;
  return { sees, keeperId: sees.whose === 'own' ? keeperAsked(asking, undefined) : undefined };
}
