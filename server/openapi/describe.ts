import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { eventClassName, LOGGED_TYPES } from '@keeper/contract/events';
import { ROUTES, type Route } from '@keeper/contract/routes';

type Json = Record<string, unknown>;

const REFS = '#/components/schemas/';
const ref = (name: string): Json => ({ $ref: `${REFS}${name}` });

/** The API as OpenAPI 3.1, made from the contract's own classes and list of routes. */
export function describeApi(): Json {
  const { answers, schemas: answered } = readAnswers();
  const schemas = { ...answered, ...contractSchemas() };
  const paths: Record<string, Json> = {};
  for (const route of ROUTES) {
    const path = `/api${route.path}`;
    paths[path] = { ...paths[path], [route.method]: operation(route, schemas, answers) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Unhurried Keeper',
      version: '1',
      description: 'The book of a keeper or a household: captures as append-only events.',
    },
    paths,
    components: { schemas },
  };
}

/** What was made of the types of the contract when it was built. */
interface DescribedAnswers {
  readonly answers: Record<string, Json>;
  readonly schemas: Record<string, Json>;
}

function readAnswers(): DescribedAnswers {
  const file = createRequire(import.meta.url).resolve('@keeper/contract/answers.json');
  return JSON.parse(readFileSync(file, 'utf8')) as DescribedAnswers;
}

type Described = NonNullable<Parameters<typeof validationMetadatasToSchemas>[0]>;

/** How the contract's own checks read in JSON Schema; what holds between two fields cannot be said there. */
const CONVERTERS: NonNullable<Described['additionalConverters']> = {
  isId: { type: 'string', format: 'uuid', pattern: '^[0-9a-f-]{36}$' },
  isMoment: { type: 'string', format: 'date-time' },
  isCalendarDay: { type: 'string', format: 'date' },
  isText: ({ constraints }) => ({ type: 'string', maxLength: (constraints as number[])[0] }),
  isPassphrase: { type: 'string' },
  isVisible: { type: 'string', minLength: 1 },
  ...Object.fromEntries(
    [
      'isWeighable',
      'isOnABoard',
      'isUnderGross',
      'isAddable',
      'isOverLeast',
      'isAfterItsBeginning',
      'hasItsTare',
      'isFormOfSpecies',
      'endsAfterItBegan',
      'hasItsKeeper',
      'isOfAnother',
      'hasWhatItSees',
    ].map((name) => [name, {}]),
  ),
};

function contractSchemas(): Record<string, Json> {
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: REFS,
    additionalConverters: CONVERTERS,
  }) as Record<string, Json>;
  schemas['AppendEventsDto'] = {
    type: 'object',
    required: ['events'],
    properties: {
      events: { type: 'array', minItems: 1, items: { oneOf: LOGGED_TYPES.map((type) => ref(eventClassName(type))) } },
    },
  };
  // Each class of event has one type; what it inherits lists them all.
  for (const type of LOGGED_TYPES) {
    const of = schemas[eventClassName(type)] as { properties: Json };
    of.properties['type'] = { type: 'string', enum: [type] };
  }
  for (const bare of ['NothingDto', 'RunDroppedDto']) schemas[bare] = { type: 'object', maxProperties: 0 };
  schemas['ErrorBody'] = {
    type: 'object',
    required: ['code', 'sentence'],
    properties: {
      code: { type: 'string' },
      sentence: { type: 'string' },
      fields: {
        type: 'array',
        items: {
          type: 'object',
          required: ['field', 'sentence'],
          properties: { field: { type: 'string' }, sentence: { type: 'string' } },
        },
      },
      theirs: {},
    },
  };
  return schemas;
}

function operation(route: Route, schemas: Record<string, Json>, answers: Record<string, Json>): Json {
  const answer = answers[`${route.method} ${route.path}`];
  const good = route.method === 'post' ? '201' : '200';
  return {
    summary: route.summary,
    parameters: [...pathParameters(route), ...queryParameters(route, schemas)],
    ...(route.body && {
      requestBody: { required: true, content: { 'application/json': { schema: ref(route.body.name) } } },
    }),
    ...(route.upload && { requestBody: upload }),
    responses: {
      [good]: { description: route.summary, content: { [route.gives]: answer ? { schema: answer } : {} } },
      default: { description: 'What went wrong', content: { 'application/json': { schema: ref('ErrorBody') } } },
    },
  };
}

const upload: Json = {
  required: true,
  content: {
    'multipart/form-data': {
      schema: { type: 'object', required: ['file'], properties: { file: { type: 'string', format: 'binary' } } },
    },
  },
};

function pathParameters(route: Route): Json[] {
  return [...route.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));
}

function queryParameters(route: Route, schemas: Record<string, Json>): Json[] {
  const properties = (route.query && (schemas[route.query.name]?.['properties'] as Json)) ?? {};
  return Object.entries(properties).map(([name, schema]) => ({ name, in: 'query', required: false, schema }));
}
