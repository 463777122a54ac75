import type { Rng } from '@keeper/core/statistics/rng';

/** As much of JSON Schema as the description of the API uses. */
export interface Schema {
  readonly $ref?: string;
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly oneOf?: readonly Schema[];
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly items?: Schema;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly pattern?: string;
  readonly format?: string;
}

type Schemas = Readonly<Record<string, Schema>>;

/**
 * Values that fit a schema as well as it says, and values that do not. Ids come from a small pool, so that they meet
 * again.
 */
export class SchemaValues {
  private made = 0;

  constructor(
    private readonly schemas: Schemas,
    private readonly luck: Rng,
  ) {}

  /** An id of the version that devices make. One of few, or a new one. */
  id(isNew = false): string {
    if (isNew) this.made += 1;
    const number = isNew ? 1000 + this.made : this.luck.whole(0, 60);
    return `01930000-0000-7000-8000-${number.toString(16).padStart(12, '0')}`;
  }

  /** A value that fits. */
  good(schema: Schema | undefined, name = ''): unknown {
    const { luck } = this;
    if (!schema) return {};
    if (schema.$ref) return this.good(this.schemas[schema.$ref.split('/').at(-1) ?? ''], name);
    if (schema.oneOf) return this.good(luck.pick(schema.oneOf), name);
    if (schema.enum) return luck.pick(schema.enum);
    switch (schema.type) {
      case 'object':
        return this.goodObject(schema);
      case 'array': {
        const most = Math.min(schema.maxItems ?? 3, (schema.minItems ?? 0) + 4);
        return Array.from({ length: luck.whole(schema.minItems ?? 0, most) }, () => this.good(schema.items, name));
      }
      case 'boolean':
        return luck.next() < 0.5;
      case 'integer':
      case 'number':
        return this.goodNumber(schema);
      case 'string':
        return this.goodText(schema, name);
      default:
        return schema.properties ? this.goodObject(schema) : {};
    }
  }

  /** A value that fits but for one place, or does not fit at all. */
  bad(schema: Schema | undefined): unknown {
    const whole = this.good(schema);
    if (this.luck.next() < 0.1) return this.oddValue();
    return this.broken(whole, 6);
  }

  private goodObject({ properties = {}, required = [] }: Schema): object {
    const names = Object.keys(properties).filter((name) => required.includes(name) || this.luck.next() < 0.4);
    return Object.fromEntries(names.map((name) => [name, this.good(properties[name], name)]));
  }

  private goodNumber({ type, minimum = -1000, maximum }: Schema): number {
    const { luck } = this;
    const high = maximum ?? Math.max(minimum, 0) + 100_000;
    const edge = luck.next();
    if (edge < 0.1) return minimum;
    if (edge < 0.2) return high;
    const value = luck.between(minimum, Math.min(high, minimum + 2_000_000));
    return type === 'integer' ? Math.floor(value) : value;
  }

  private goodText({ format, pattern, minLength = 0, maxLength = 40 }: Schema, name: string): string {
    const { luck } = this;
    if (format === 'uuid') return this.id(name === 'id');
    if (format === 'date-time') {
      return new Date(
        Date.UTC(luck.whole(1995, 2030), luck.whole(0, 11), luck.whole(1, 28)) + luck.whole(0, 8.64e7),
      ).toISOString();
    }
    if (format === 'date') return `20${luck.whole(10, 40)}-0${luck.whole(1, 9)}-1${luck.whole(0, 9)}`;
    if (pattern?.includes('64')) return luck.whole(0, 15).toString(16).repeat(64);
    const letters = ['a', 'B', ' ', 'é', '\n', '🐟', '"', ',', '<', "'", '%', '\\', '日'];
    const length = luck.whole(Math.max(1, minLength), Math.min(maxLength, 12));
    return `x${Array.from({ length: length - 1 }, () => luck.pick(letters)).join('')}`.slice(0, maxLength);
  }

  /** The same value with one thing wrong somewhere inside. */
  private broken(value: unknown, depth: number): unknown {
    const { luck } = this;
    if (typeof value !== 'object' || value === null || depth === 0 || luck.next() < 0.15) return this.oddValue();
    if (Array.isArray(value)) {
      if (value.length === 0 || luck.next() < 0.1) return [...(value as unknown[]), this.oddValue()];
      const at = luck.whole(0, value.length - 1);
      return value.map((each, i) => (i === at ? this.broken(each, depth - 1) : (each as unknown)));
    }
    const names = Object.keys(value);
    if (names.length === 0 || luck.next() < 0.1) {
      const extra = luck.pick(['extra', '__proto__', 'constructor', 'length', 'toString', '', '\ud800', 'type']);
      return { ...value, [extra]: this.oddValue() };
    }
    const name = luck.pick(names);
    const { [name]: chosen, ...rest } = value as Record<string, unknown>;
    return luck.next() < 0.15 ? rest : { ...rest, [name]: this.broken(chosen, depth - 1) };
  }

  oddValue(): unknown {
    const { luck } = this;
    return luck.pick<() => unknown>([
      () => null,
      () => [],
      () => ({}),
      () => [[]],
      () => [null],
      () => true,
      () => -1,
      () => 0,
      () => 1.5,
      () => 1e308,
      () => -0.0001,
      () => Number.MAX_SAFE_INTEGER,
      () => 9.3e18,
      () => '',
      () => ' ',
      () => '\u0000',
      () => '\ud83d',
      () => '\u200b',
      () => 'x'.repeat(5000),
      () => '1e999',
      () => '9999-12-31T23:59:59Z',
      () => '2026-W23-1',
      () => '0000-00-00T00:00:00Z',
      () => this.id().toUpperCase(),
      () => '../../book.sqlite',
      () => "'; DROP TABLE events; --",
      () => Array<number>(600).fill(0),
      () => Array.from({ length: 30 }).reduce<unknown>((inside) => ({ inside }), 1),
      () => Object.fromEntries(Array.from({ length: 150 }, (_, i) => [`k${i}`, i])),
    ])();
  }
}
