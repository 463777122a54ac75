import { crc32, deflateSync } from 'node:zlib';
import type { Rng } from '@keeper/core/statistics/rng';
import { SchemaValues, type Schema } from './schemaValues.js';

/** A request as it is sent. */
export interface StressRequest {
  readonly method: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body?: string | FormData;
}

interface Parameter {
  readonly name: string;
  readonly in: string;
  readonly schema: Schema;
}

interface Operation {
  readonly parameters?: readonly Parameter[];
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema?: Schema }>> };
}

/** The description of the API, as the server gives it. */
export interface ApiDescription {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
  readonly components: { readonly schemas: Readonly<Record<string, Schema>> };
}

/** These read the whole book: with many fish in it they are asked less often. */
const WHOLE_BOOK =
  /book\.(csv|json)|register\.json|pictured|weighed|known|decisions|pictures$|flanks|captures$|outings$/;

/**
 * Whether the machine itself is asked who it is: from then on all that is drawn would come from a stranger, whose
 * requests are counted and soon refused.
 */
const CLOSES_THE_DOOR = /access\/here$/;

/**
 * Draws requests from the description of an API: fitting ones, ones with one thing wrong, and nonsense. The same seed
 * draws the same.
 */
export class StressRequests {
  private readonly values: SchemaValues;
  private readonly operations: readonly { method: string; path: string; of: Operation }[];

  constructor(
    { paths, components }: ApiDescription,
    private readonly luck: Rng,
  ) {
    this.values = new SchemaValues(components.schemas, luck);
    const drawn = Object.entries(paths).filter(([path]) => !CLOSES_THE_DOOR.test(path));
    this.operations = drawn.flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, of]) => ({ method: method.toUpperCase(), path, of })),
    );
  }

  next(): StressRequest {
    const { luck } = this;
    const operation = this.pickOperation();
    const path = this.path(operation.path, operation.of.parameters ?? []);
    const { headers, body } = this.body(operation.of, operation.path);
    const method = luck.next() < 0.01 ? luck.pick(['PATCH', 'DELETE', 'OPTIONS', 'HEAD']) : operation.method;
    return { method, path, headers: { ...headers, ...this.oddHeaders() }, ...(method !== 'HEAD' && body && { body }) };
  }

  private pickOperation() {
    const { luck } = this;
    if (luck.next() < 0.55) {
      const events = this.operations.find(({ path, method }) => path === '/api/events' && method === 'POST');
      if (events) return events;
    }
    const operation = luck.pick(this.operations);
    return WHOLE_BOOK.test(operation.path) && luck.next() < 0.9 ? luck.pick(this.operations) : operation;
  }

  private path(path: string, parameters: readonly Parameter[]): string {
    const { luck, values } = this;
    const filled = path.replace(/\{(\w+)\}/g, (_all, name: string) => {
      if (luck.next() < 0.2) return encodeURIComponent(String(luck.pick(['x', '..', '%', "'", 'é'])));
      return name === 'sha256' ? luck.whole(0, 15).toString(16).repeat(64) : values.id();
    });
    const asked = parameters.filter((each) => each.in === 'query' && luck.next() < 0.5);
    const query = asked.map(({ name, schema }) => {
      const value = luck.next() < 0.6 ? values.good(schema, name) : values.oddValue();
      const text = typeof value === 'string' ? value : JSON.stringify(value);
      return `${name}${luck.next() < 0.05 ? '[]' : ''}=${encodeURIComponent(text.replace(/[\ud800-\udfff]/g, ''))}`;
    });
    if (luck.next() < 0.03) query.push('__proto__[x]=1', 'a='.repeat(20));
    return query.length > 0 ? `${filled}?${query.join('&')}` : filled;
  }

  private body({ requestBody }: Operation, path: string): Pick<StressRequest, 'headers' | 'body'> {
    const { luck } = this;
    if (!requestBody) return { headers: {} };
    if (requestBody.content['multipart/form-data']) return this.upload();
    const schema = requestBody.content['application/json']?.schema;
    const how = luck.next();
    if (how < 0.02) return json(luck.pick(['{bad', '', '[', 'null', '7', '"x"', '{"events":', '\u0000']));
    if (how < 0.03)
      return { headers: { 'content-type': luck.pick(['text/plain', 'application/xml', 'x']) }, body: 'x' };
    const value = how < 0.6 ? this.values.good(schema) : this.values.bad(schema);
    return json(JSON.stringify(path === '/api/events' ? this.asOneFish(value) : value));
  }

  /** Events that fit meet in few fish and outings: then their states grow odd together. */
  private asOneFish(value: unknown): unknown {
    const { events } = (value ?? {}) as { events?: unknown };
    if (!Array.isArray(events) || this.luck.next() < 0.5) return value;
    const id = this.values.id();
    return {
      ...(value as object),
      events: events.map((event: unknown) =>
        typeof event === 'object' && event !== null && 'captureId' in event ? { ...event, captureId: id } : event,
      ),
    };
  }

  private upload(): Pick<StressRequest, 'headers' | 'body'> {
    const { luck } = this;
    const form = new FormData();
    const bytes = luck.pick<() => Buffer>([
      () => Buffer.alloc(luck.whole(0, 2000), luck.whole(0, 255)),
      () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'),
      () => smallPng(luck.whole(1, 60), luck.whole(1, 60), luck.whole(0, 255)),
      () => smallPng(40, 40, luck.whole(0, 255)).subarray(0, luck.whole(8, 80)),
      () => Buffer.from('{"format":"unhurried-keeper-register","version":1,"fish":[{}]}'),
      () => Buffer.from(JSON.stringify(this.values.oddValue())),
    ])();
    const field = luck.next() < 0.9 ? 'file' : 'picture';
    form.append(field, new Blob([new Uint8Array(bytes)]), luck.pick(['fish.jpg', '../../x', '', 'x'.repeat(300)]));
    if (luck.next() < 0.05) form.append('extra', 'x');
    return { headers: {}, body: form };
  }

  private oddHeaders(): Record<string, string> {
    const { luck } = this;
    if (luck.next() > 0.02) return {};
    return luck.pick<Record<string, string>>([
      { origin: 'https://elsewhere.example' },
      { 'sec-fetch-site': 'cross-site' },
      { 'content-encoding': 'gzip' },
      { 'accept-encoding': '*;q=0' },
      { range: 'bytes=9-1' },
      { 'if-none-match': '"x"' },
      { accept: 'text/html' },
    ]);
  }
}

function json(body: string): Pick<StressRequest, 'headers' | 'body'> {
  return { headers: { 'content-type': 'application/json' }, body };
}

/** A grey PNG of one shade. PNG (Third Edition, W3C 2025), 5 and 11.2. */
function smallPng(width: number, height: number, shade: number): Buffer {
  const chunk = (type: string, body: Buffer) => {
    const bytes = Buffer.alloc(body.length + 12);
    bytes.writeUInt32BE(body.length, 0);
    bytes.write(type, 4, 'latin1');
    body.copy(bytes, 8);
    bytes.writeUInt32BE(crc32(bytes.subarray(4, body.length + 8)), body.length + 8);
    return bytes;
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head[8] = 8;
  const rows = Buffer.alloc((width + 1) * height, shade);
  for (let y = 0; y < height; y += 1) rows[y * (width + 1)] = 0;
  const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
  return Buffer.concat([
    signature,
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}
