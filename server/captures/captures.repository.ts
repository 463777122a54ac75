import { Injectable } from '@nestjs/common';
import { and, asc, between, desc, eq, gt, inArray, lt, or, sql, type SQL } from 'drizzle-orm';
import type { BookOrder } from '@keeper/contract/orders';
import type { BookFilterDto, BookQueryDto, BookTally, PictureInBook } from '@keeper/contract/book';
import type { HandlingQueryDto } from '@keeper/contract/handling';
import { MEASURED_FIELDS } from '@keeper/core/domain/capture/measuredFish';
import type { WeighedFish } from '@keeper/contract/weighed';
import { pastOf, type HandlingPast } from '@keeper/core/care/handling';
import type { CaptureSummary } from '@keeper/core/domain/capture/summary';
import type { ToldSetup } from '@keeper/core/domain/outing/rememberedRodWords';
import type { SpeciesId } from '@keeper/core/domain/fish/species';
import type { WeightReading } from '@keeper/core/domain/capture/weightReading';
import { FIRST_KEEPER } from '@keeper/core/domain/capture/angler';
import { massSystemOf } from '@keeper/core/measure/mass';
import { Problem } from '../errors/problem.js';
import { SettingsService } from '../settings/settings.service.js';
import { Database } from '../storage/database.js';
import { captures } from '../storage/schema.js';
import { IN_THE_BOOK } from './inTheBook.js';
import { finerConditions, pagesMeant } from './finerConditions.js';
import { countMatches, sought, type Sought } from './sought.js';

const PAGE_ROWS = 40;
/** A keeper's hands change: older captures say nothing of today's. */
const PAST_CAPTURES = 100;
/** More than one keeper weighs in many years. */
const MOST_WEIGHED = 5000;
/** A weight is compared with so many of the heaviest of its kind. */
const COMPARED_WITH = 8;

const WAITING = and(eq(captures.writtenUp, false), inArray(captures.outcome, ['released', 'lost', 'died']));
const ORDERS = {
  newest: { column: captures.startedAt, down: true },
  oldest: { column: captures.startedAt, down: false },
  heaviest: { column: captures.weightRank, down: true },
} as const satisfies Record<BookOrder, unknown>;

interface PageStatement {
  all(values: Record<string, unknown>): { id: string; key: string | number | null; summary: string }[];
}

/** Reads the book from its summaries: pages of captures, lists of them, and the tally. */
@Injectable()
export class CapturesRepository {
  private readonly pages = new Map<string, PageStatement>();

  private readonly picturedFish;

  constructor(
    private readonly database: Database,
    private readonly settings: SettingsService,
  ) {
    this.picturedFish = database.sqlite
      .prepare(
        `SELECT json_object(
           'captureId', id, 'startedAt', started_at, 'begunAt', summary -> '$.begunAt', 'species', species,
           'zone', summary -> '$.zone', 'elapsedMs', summary -> '$.elapsedMs', 'form', summary -> '$.form',
           'kindName', summary -> '$.kindName', 'net', summary -> '$.net', 'dated', summary -> '$.dated',
           'netGrams', net_grams, 'pictures', json(coalesce(added.pictures, '[]'))
         )
         FROM captures LEFT JOIN (
           SELECT capture_id, json_group_array(payload ->> '$.sha256' ORDER BY elapsed_ms, id) AS pictures FROM events
           WHERE type = 'picture-added' AND json_valid(payload) AND payload ->> '$.sha256' IS NOT NULL GROUP BY capture_id
         ) AS added ON added.capture_id = captures.id
         WHERE outcome NOT IN ('discarded', 'merged') AND started_at IS NOT NULL ORDER BY started_at DESC, id DESC`,
      )
      .pluck();
  }

  /**
   * One page as JSON text, continued by key and not by offset: a fish entered meanwhile moves nothing. Summaries are
   * kept as JSON, and handed on as they are.
   */
  page(query: BookQueryDto): string {
    const limit = query.limit ?? PAGE_ROWS;
    const after = query.after ? readCursor(query.after) : undefined;
    const also = [...this.finer(query), ...(query.q ? this.soughtBy(query.q, query.keeperId).conditions : [])];
    const isFiner = also.length > 0 || query.struckOut;
    const rows = (isFiner ? this.prepare(query, also) : this.pageStatement(query)).all({
      species: query.species,
      waterId: query.waterId,
      outingId: query.outingId,
      keeperId: query.keeperId,
      ...openedAt(query),
      afterKey: after?.[0],
      afterId: after?.[1],
      limit: limit + 1,
    });
    const shown = rows.slice(0, limit);
    const last = rows.length > limit ? shown.at(-1) : undefined;
    const next = last ? cursorOf(last.key, last.id) : null;
    const total = this.count(query);
    return `{"rows":[${shown.map(({ summary }) => summary).join(',')}],"next":${JSON.stringify(next)},"total":${total}}`;
  }

  /** How many captures a filter lets through, on all its pages together. */
  private count(query: BookQueryDto): number {
    const { species, waterId, keeperId, outingId, waiting, q } = query;
    const found = q ? this.soughtBy(q, keeperId) : undefined;
    const finer = this.finer(query);
    const isAlone = found?.conditions.length === 1 && found.match !== '' && finer.length === 0 && !query.struckOut;
    if (isAlone && ![species, waterId, keeperId, outingId, waiting].some(Boolean))
      return countMatches(this.database, found.match);
    return (
      this.database.drizzle
        .select({ n: sql<number>`count(*)` })
        .from(captures)
        .where(
          and(
            pagesMeant(query),
            species ? eq(captures.species, species) : undefined,
            waterId ? eq(captures.waterId, waterId) : undefined,
            keeperId ? eq(captures.keeperId, keeperId) : undefined,
            outingId ? eq(captures.outingId, outingId) : undefined,
            waiting ? WAITING : undefined,
            ...finer,
            ...(found?.conditions ?? []),
          ),
        )
        .get()?.n ?? 0
    );
  }

  /** The statement for a kind of page that nothing finer is asked of, prepared once. */
  private pageStatement(query: BookQueryDto): PageStatement {
    const { order, species, waterId, keeperId, outingId, waiting, after, year } = query;
    const shape = [order ?? 'newest', !species, !waterId, !keeperId, !outingId, !waiting, !after, !year].join();
    const known = this.pages.get(shape);
    if (known) return known;
    const made = this.prepare(query, []);
    this.pages.set(shape, made);
    return made;
  }

  private soughtBy(q: string, keeperId: string | undefined): Sought {
    const { massUnit } = this.settings.read(keeperId ?? FIRST_KEEPER);
    return sought(this.database, q, new Date().toISOString().slice(0, 10), massSystemOf(massUnit));
  }

  private finer(filter: BookFilterDto): SQL[] {
    return finerConditions(filter, this.settings.read(filter.keeperId ?? FIRST_KEEPER).sameWords);
  }

  private prepare(query: BookQueryDto, also: readonly SQL[]): PageStatement {
    const { column, down } = ORDERS[query.order ?? 'newest'];
    const [way, beyond] = down ? [desc, lt] : [asc, gt];
    const of = sql.placeholder;
    return this.database.drizzle
      .select({ id: captures.id, key: column, summary: captures.summary })
      .from(captures)
      .where(
        and(
          pagesMeant(query),
          query.species ? eq(captures.species, of('species')) : undefined,
          query.waterId ? eq(captures.waterId, of('waterId')) : undefined,
          query.keeperId ? eq(captures.keeperId, of('keeperId')) : undefined,
          query.outingId ? eq(captures.outingId, of('outingId')) : undefined,
          query.waiting ? WAITING : undefined,
          ...also,
          query.year ? between(captures.startedAt, of('fromAt'), of('toAt')) : undefined,
          query.after
            ? or(beyond(column, of('afterKey')), and(eq(column, of('afterKey')), beyond(captures.id, of('afterId'))))
            : undefined,
        ),
      )
      .orderBy(way(column), way(captures.id))
      .limit(of('limit'))
      .prepare();
  }

  /** A capture's summary as it is kept, as JSON text. */
  summary(captureId: string): string | undefined {
    return this.database.drizzle
      .select({ summary: captures.summary })
      .from(captures)
      .where(eq(captures.id, captureId))
      .get()?.summary;
  }

  /**
   * Every fish with its time on the bank and the pictures that its log names, removed ones too: they were there. A list
   * of `PicturedFish`, as JSON text.
   */
  pictured(): string {
    return `[${(this.picturedFish.all() as string[]).join(',')}]`;
  }

  /** Every picture of the book that was not removed, fish by fish in the order asked for. */
  pictures(filter: BookFilterDto): PictureInBook[] {
    const { species, waterId, keeperId, order, year, q } = filter;
    const { fromAt, toAt } = openedAt(filter);
    const { column, down } = ORDERS[order ?? 'newest'];
    const way = down ? desc : asc;
    return this.database.drizzle
      .select({ summary: captures.summary })
      .from(captures)
      .where(
        and(
          pagesMeant(filter),
          sql`json_array_length(summary, '$.pictures') > 0`,
          species ? eq(captures.species, species) : undefined,
          waterId ? eq(captures.waterId, waterId) : undefined,
          keeperId ? eq(captures.keeperId, keeperId) : undefined,
          ...this.finer(filter),
          ...(q ? this.soughtBy(q, keeperId).conditions : []),
          year ? between(captures.startedAt, fromAt, toAt) : undefined,
        ),
      )
      .orderBy(way(column), way(captures.id))
      .all()
      .flatMap(({ summary }) => {
        const { captureId, startedAt, zone, species: kind, form, net, pictures } = summaryIn(summary);
        return pictures.map((picture) => ({ ...picture, captureId, startedAt, zone, species: kind, form, net }));
      });
  }

  /** How long each step took over the newest fish that a keeper landed. */
  handling(keeperId: string, { species }: HandlingQueryDto): HandlingPast {
    const rows = this.database.drizzle
      .select({ summary: captures.summary })
      .from(captures)
      .where(
        and(
          IN_THE_BOOK,
          eq(captures.keeperId, keeperId),
          species ? eq(captures.species, species) : undefined,
          eq(captures.outcome, 'released'),
        ),
      )
      .orderBy(desc(captures.startedAt), desc(captures.id))
      .limit(PAST_CAPTURES)
      .all();
    return pastOf(rows.map(({ summary }) => summaryIn(summary)).filter(({ origin }) => origin === 'bank'));
  }

  /** The fish that were weighed, newest first, as little of each as is compared with other weights. */
  weighed(): WeighedFish[] {
    const heaviest = this.heaviestOfEach();
    return this.everyWeighed().map((fish) => {
      const weighing = heaviest.get(fish.captureId);
      return weighing ? { ...fish, weighing } : fish;
    });
  }

  /** How the heaviest of each kind that each keeper had were weighed, by capture. */
  private heaviestOfEach(): Map<string, WeightReading> {
    const ranked = this.database.drizzle.all<{ id: string; weighing: string | null }>(sql`
      SELECT id, weighing FROM (
        SELECT id, json_extract(summary, '$.weighing') AS weighing,
          row_number() OVER (PARTITION BY keeper_id, species ORDER BY net_grams DESC, id) AS place
        FROM captures WHERE ${IN_THE_BOOK} AND net_grams IS NOT NULL AND keeper_id IS NOT NULL
      ) WHERE place <= ${COMPARED_WITH}`);
    return new Map(
      ranked.flatMap(({ id, weighing }) => (weighing ? [[id, JSON.parse(weighing) as WeightReading] as const] : [])),
    );
  }

  private everyWeighed(): WeighedFish[] {
    const { drizzle } = this.database;
    return drizzle
      .select({
        captureId: captures.id,
        startedAt: sql<string>`started_at`,
        species: sql<SpeciesId | null>`species`,
        waterId: captures.waterId,
        fishId: captures.fishId,
        keeperId: captures.keeperId,
        lengthMm: sql<number | null>`json_extract(summary, '$.lengthMm')`,
        grams: sql<number>`net_grams`,
        guessGrams: sql<number | null>`json_extract(summary, '$.guessGrams')`,
      })
      .from(captures)
      .where(and(IN_THE_BOOK, sql`net_grams IS NOT NULL`))
      .orderBy(desc(captures.startedAt), desc(captures.id))
      .limit(MOST_WEIGHED)
      .all();
  }

  /** Every fish of the book in a line, as JSON text: a list of `BookMark`. */
  marks(): string {
    const [row] = this.database.drizzle.all<{ list: string }>(sql`
      SELECT json_group_array(json(mark)) AS list FROM (
        SELECT json_object('captureId', id, 'day', coalesce(json_extract(summary, '$.dated.from'), substr(started_at, 1, 10)),
          'waterId', water_id, 'species', species, 'grams', net_grams,
          'lengthMm', json_extract(summary, '$.lengthMm'), 'imported', json_extract(summary, '$.imported')) AS mark
        FROM captures WHERE ${IN_THE_BOOK})`);
    return row?.list ?? '[]';
  }

  /** Every bait, method and place that was told of a fish, once a water, with when it was told of one last. */
  setups(): ToldSetup[] {
    const word = (name: 'bait' | 'method' | 'place') => sql<string | null>`json_extract(summary, ${`$.rod.${name}`})`;
    const [bait, method, place] = [word('bait'), word('method'), word('place')];
    return this.database.drizzle
      .select({ waterId: captures.waterId, bait, method, place, at: sql<string>`max(started_at)` })
      .from(captures)
      .where(and(IN_THE_BOOK, sql`json_extract(summary, '$.rod') IS NOT NULL`))
      .groupBy(captures.waterId, bait, method, place)
      .all()
      .map(({ waterId, at, ...told }) => ({
        waterId,
        atMs: Date.parse(at),
        setup: Object.fromEntries(Object.entries(told).filter(([, text]) => text !== null)),
      }));
  }

  /** Every fish that was measured or weighed, newest first, as JSON text: a list of `MeasuredFish`. */
  measured(): string {
    const fields = MEASURED_FIELDS.map((name) => `'${name}', json_extract(summary, '$.${name}')`).join(', ');
    const [row] = this.database.drizzle.all<{ list: string }>(sql`
      SELECT json_group_array(json(fish)) AS list FROM (
        SELECT json_object(${sql.raw(fields)}) AS fish FROM captures
        WHERE ${IN_THE_BOOK} AND (net_grams IS NOT NULL
          OR json_extract(summary, '$.lengthMm') IS NOT NULL OR json_extract(summary, '$.overScaleGrams') IS NOT NULL)
        ORDER BY started_at DESC, id DESC)`);
    return row?.list ?? '[]';
  }

  /** The summaries of every capture whose fish is known, oldest first, as JSON text. */
  known(): string {
    const rows = this.database.drizzle
      .select({ summary: captures.summary })
      .from(captures)
      .where(and(IN_THE_BOOK, sql`fish_id IS NOT NULL`))
      .orderBy(asc(captures.startedAt), asc(captures.id))
      .all();
    return `[${rows.map(({ summary }) => summary).join(',')}]`;
  }

  /** The fish of one water, oldest first. */
  ofWater(waterId: string): CaptureSummary[] {
    return this.database.drizzle
      .select({ summary: captures.summary })
      .from(captures)
      .where(and(IN_THE_BOOK, eq(captures.waterId, waterId)))
      .orderBy(asc(captures.startedAt), asc(captures.id))
      .all()
      .map(({ summary }) => summaryIn(summary));
  }

  /** Counts of the whole book, and the bests of one keeper, for Today and for the filters. */
  tally(keeperId: string): BookTally {
    const { drizzle } = this.database;
    const counts = drizzle
      .select({ outcome: captures.outcome, writtenUp: captures.writtenUp, n: sql<number>`count(*)` })
      .from(captures)
      .where(IN_THE_BOOK)
      .groupBy(captures.outcome, captures.writtenUp)
      .all();
    const sum = (of: (row: (typeof counts)[number]) => boolean) =>
      counts.filter(of).reduce((total, row) => total + row.n, 0);
    const bySpecies = drizzle
      .select({
        species: captures.species,
        n: sql<number>`count(*)`,
        longestMm: sql<number | null>`max(json_extract(summary, '$.lengthMm'))`,
        lastAt: sql<string>`max(started_at)`,
      })
      .from(captures)
      .where(and(IN_THE_BOOK, sql`species IS NOT NULL`))
      .groupBy(captures.species)
      .orderBy(desc(sql`count(*)`))
      .all();
    const byWater = drizzle
      .select({ waterId: captures.waterId, n: sql<number>`count(*)` })
      .from(captures)
      .where(and(IN_THE_BOOK, sql`water_id IS NOT NULL`))
      .groupBy(captures.waterId)
      .all();
    return {
      captures: sum(() => true),
      lost: sum((row) => row.outcome === 'lost'),
      waiting: sum((row) => !row.writtenUp && row.outcome !== 'open'),
      bySpecies: bySpecies.map((row) => {
        const species = row.species as SpeciesId;
        const best = this.best(species, keeperId);
        return { species, captures: row.n, best, longestMm: row.longestMm, lastAt: row.lastAt };
      }),
      byYear: this.years(),
      byWater: byWater.map((row) => ({ waterId: row.waterId ?? '', captures: row.n })),
    };
  }

  /** By the clocks of Greenwich: a fish of New Year's night may be counted to the other year. */
  private years(): BookTally['byYear'] {
    return this.database.drizzle.all(sql`
      SELECT CAST(substr(started_at, 1, 4) AS INTEGER) AS year, count(*) AS captures
      FROM captures WHERE ${IN_THE_BOOK} GROUP BY year ORDER BY year DESC`);
  }

  private best(species: SpeciesId, keeperId: string): CaptureSummary | null {
    const row = this.database.drizzle
      .select({ summary: captures.summary })
      .from(captures)
      .where(and(IN_THE_BOOK, eq(captures.species, species), sql`weight_rank >= 0`, eq(captures.keeperId, keeperId)))
      .orderBy(desc(captures.weightRank), desc(captures.id))
      .limit(1)
      .get();
    return row ? summaryIn(row.summary) : null;
  }
}

function summaryIn(json: string): CaptureSummary {
  return JSON.parse(json) as CaptureSummary;
}

/**
 * Between which moments the fish lie when the book is opened at a year, with the hours by which places are ahead of
 * Greenwich or behind it.
 */
function openedAt({ year, order }: BookFilterDto): { fromAt: string; toAt: string } {
  const opens = order !== 'heaviest' && year !== undefined;
  return {
    fromAt: opens && order === 'oldest' ? `${year - 1}-12-31T10:00:00.000Z` : '',
    toAt: opens && order !== 'oldest' ? `${year + 1}-01-01T11:59:59.999Z` : '9999',
  };
}

function cursorOf(key: string | number | null, id: string): string {
  return Buffer.from(JSON.stringify([key, id])).toString('base64url');
}

function readCursor(cursor: string): [string | number, string] {
  try {
    const parsed: unknown = JSON.parse(Buffer.from(cursor, 'base64url').toString());
    if (Array.isArray(parsed) && ['string', 'number'].includes(typeof parsed[0]) && typeof parsed[1] === 'string') {
      return [parsed[0] as string | number, parsed[1]];
    }
  } catch {
    // Falls through to the one sentence for every cursor that is not ours.
  }
  const sentence = 'That page mark is not one of this book. Begin again at its first page.';
  throw new Problem(400, { code: 'not-valid', sentence, fields: [{ field: 'after', sentence }] });
}
