import { say } from '../../text/say.js';
import type { Mass, MassSystem } from '@keeper/core/measure/mass';
import { parseMass, type MassMeaning } from '@keeper/core/measure/parseMass';
import { netWeight, type WeightReading } from '@keeper/core/domain/capture/weightReading';
import type { WeighMethod } from '@keeper/core/domain/practice/weighMethod';

/** What the weight fields hold, as typed, and what was chosen where that could mean two things. */
export interface TypedWeight {
  readonly method: WeighMethod;
  readonly asRead: string;
  readonly asReadMeant?: Mass;
  readonly tare: string;
  readonly tareMeant?: Mass;
}

/** A field that needs the keeper: a question with meanings to choose from, or a reason. */
export interface WeightQuestion {
  readonly field: 'asRead' | 'tare';
  readonly sentence: string;
  readonly meanings?: readonly MassMeaning[];
}

export type ReadWeight = { readonly reading: WeightReading | undefined } | { readonly question: WeightQuestion };

/** Reads the typed fields. Nothing typed is no weight; a gross weight may do without its tare. */
export function readWeight(typed: TypedWeight, habit: MassSystem): ReadWeight {
  if (typed.asRead.trim() === '') return { reading: undefined };
  const asRead = readField('asRead', typed.asRead, typed.asReadMeant, habit);
  if ('question' in asRead) return asRead;
  const written = typed.asRead.trim();
  if (typed.method === 'zeroed') return { reading: { asRead: asRead.mass, method: 'zeroed', written } };
  if (typed.tare.trim() === '') return { reading: { asRead: asRead.mass, method: typed.method, written } };
  const tare = readField('tare', typed.tare, typed.tareMeant, habit);
  if ('question' in tare) return tare;
  const reading = { asRead: asRead.mass, tare: tare.mass, method: typed.method, written };
  const net = netWeight(reading);
  return net && !net.ok ? { question: { field: 'tare', sentence: say(net.reason) } } : { reading };
}

function readField(
  field: WeightQuestion['field'],
  text: string,
  meant: Mass | undefined,
  habit: MassSystem,
): { mass: Mass } | { question: WeightQuestion } {
  const parsed = parseMass(text, habit);
  if (parsed.kind === 'mass') return { mass: parsed.mass };
  if (parsed.kind === 'refused') return { question: { field, sentence: say(parsed.reason) } };
  const chosen = parsed.meanings.find(({ mass }) => mass.unit === meant?.unit && mass.count === meant.count);
  if (chosen) return { mass: chosen.mass };
  return { question: { field, sentence: say(parsed.question), meanings: parsed.meanings } };
}
