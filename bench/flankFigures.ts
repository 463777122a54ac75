/** What was answered to one query. */
export interface FlankAnswer {
  readonly query: string;
  readonly species: string;
  /** Who it is; empty where nobody says. */
  readonly individual: string;
  readonly ranked: readonly { readonly individual: string; readonly score: number; readonly probability: number }[];
  readonly stranger: number;
  readonly t: number;
}

const FALSE_ACCEPTS = 0.02;
const BINS = 5;

/**
 * How well the answers are, over all and by species, one line each; nothing where the queries do not say who they are.
 */
export function flankFigures(answers: readonly FlankAnswer[], known: ReadonlySet<string>): string[] {
  const told = answers.filter(({ individual }) => individual !== '');
  if (told.length === 0) return ['The queries do not say who they are: no figures.'];
  const species = [...new Set(told.map((answer) => answer.species))];
  return [
    figuresOf('all', told, known),
    ...species.map((name) =>
      figuresOf(
        name,
        told.filter((answer) => answer.species === name),
        known,
      ),
    ),
    ...reliability(told),
  ];
}

const top = ({ ranked }: FlankAnswer) => ranked[0];
const sure = (answer: FlankAnswer) => top(answer)?.probability ?? 0;
const right = (answer: FlankAnswer) => top(answer)?.individual === answer.individual;

function figuresOf(name: string, answers: readonly FlankAnswer[], known: ReadonlySet<string>): string {
  const mates = answers.filter(({ individual }) => known.has(individual));
  const strangers = answers.filter(({ individual }) => !known.has(individual));
  const share = (count: number, of: number) => (of === 0 ? '–' : `${((100 * count) / of).toFixed(1)} %`);
  const among = (k: number) =>
    mates.filter((a) => a.ranked.slice(0, k).some(({ individual }) => individual === a.individual)).length;
  const limit = limitOf(strangers.map(sure));
  const recalled = mates.filter((answer) => right(answer) && sure(answer) > limit).length;
  const brier =
    answers.reduce((sum, answer) => sum + (sure(answer) - (right(answer) ? 1 : 0)) ** 2, 0) / answers.length;
  return [
    `${name.padEnd(12)} rank-1 ${share(among(1), mates.length)}`,
    `rank-5 ${share(among(5), mates.length)}`,
    `of ${mates.length}`,
    `AUC ${areaUnder(mates.map(sure), strangers.map(sure)).toFixed(3)}`,
    `recall at 2 % false ${share(recalled, mates.length)} (${strangers.length} strangers)`,
    `Brier ${brier.toFixed(3)}`,
  ].join('; ');
}

/** The surety that so few strangers pass. */
function limitOf(strangers: readonly number[]): number {
  const sorted = strangers.toSorted((a, b) => b - a);
  return sorted[Math.floor(FALSE_ACCEPTS * sorted.length)] ?? 0;
}

/** How often one of the first is above one of the second. */
export function areaUnder(above: readonly number[], below: readonly number[]): number {
  let won = 0;
  for (const a of above) for (const b of below) won += a > b ? 1 : a === b ? 0.5 : 0;
  return won / Math.max(1, above.length * below.length);
}

function reliability(answers: readonly FlankAnswer[]): string[] {
  let error = 0;
  const lines = Array.from({ length: BINS }, (_, bin) => {
    const inside = answers.filter((answer) => Math.min(BINS - 1, Math.floor(sure(answer) * BINS)) === bin);
    if (inside.length === 0) return [];
    const said = inside.reduce((sum, answer) => sum + sure(answer), 0) / inside.length;
    const was = inside.filter(right).length / inside.length;
    error += (inside.length / answers.length) * Math.abs(said - was);
    return [`said ${said.toFixed(2)}, right ${was.toFixed(2)} (${inside.length})`];
  }).flat();
  return [`reliability: ${lines.join('; ')}; expected calibration error ${(100 * error).toFixed(1)} %`];
}
