import type { Forecast } from '@keeper/contract/weather';
import { BEHAVIOURS, DAY_KINDS, type Behaviour, type DayKind } from '@keeper/core/weather/standinDay';
import type { Position } from '@keeper/core/domain/water/water';
import { ask } from './api.js';

const DAY_KEY = 'keeper.standin.day';
const BEHAVE_KEY = 'keeper.standin.behave';
const HANGS_KEY = 'keeper.standin.hangs';
const FISH_KEY = 'keeper.standin.fish';

/** What the stand-ins are told to be on this device. */
export interface StandinWishes {
  readonly day: DayKind;
  readonly behave: Behaviour;
  /** What the simulated scale hangs from, and how the fish in its sling is. */
  readonly hangs: (typeof HANGS)[number];
  readonly fish: (typeof FISH)[number];
}

const HANGS = ['bar', 'tripod', 'hand', 'cupped'] as const;
const FISH = ['calm', 'lively'] as const;

export function standinWishes(): StandinWishes {
  const day = DAY_KINDS.find((kind) => kind === localStorage.getItem(DAY_KEY));
  const behave = BEHAVIOURS.find((kind) => kind === localStorage.getItem(BEHAVE_KEY));
  const hangs = HANGS.find((each) => each === localStorage.getItem(HANGS_KEY));
  const fish = FISH.find((each) => each === localStorage.getItem(FISH_KEY));
  return { day: day ?? 'as-it-falls', behave: behave ?? 'well', hangs: hangs ?? 'bar', fish: fish ?? 'calm' };
}

export function wishStandins({ day, behave, hangs, fish }: StandinWishes): void {
  localStorage.setItem(HANGS_KEY, hangs);
  localStorage.setItem(FISH_KEY, fish);
  localStorage.setItem(DAY_KEY, day);
  localStorage.setItem(BEHAVE_KEY, behave);
}

/** Asks the weather service for the hours of an outing; throws with its sentence when it fails. */
export function askForecast(position: Position, fromMs: number, toMs: number): Promise<Forecast> {
  const { day, behave } = standinWishes();
  const hours = Math.min(72, Math.max(2, Math.ceil((toMs - fromMs) / 3_600_000) + 2));
  const query = new URLSearchParams({
    latitudeDeg: String(position.latitudeDeg),
    longitudeDeg: String(position.longitudeDeg),
    from: new Date(fromMs).toISOString(),
    hours: String(hours),
    day,
    behave,
  });
  return ask<Forecast>(`/weather?${query}`);
}
