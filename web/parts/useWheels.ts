import { useState } from 'react';

/** One wheel on which a number is set. */
export interface Wheel {
  readonly name: string;
  /** What is said in full. */
  readonly label: string;
  readonly most: number;
  /** How far one tap of a stepper goes. */
  readonly step: number;
}

export interface WheelsState<Row extends string> {
  readonly values: Readonly<Record<Row, readonly number[]>>;
  readonly active: { readonly row: Row; readonly part: number };
  readonly set: (row: Row, part: number, to: number) => void;
  readonly choose: (row: Row, part: number) => void;
  readonly digit: (d: number) => void;
  readonly erase: () => void;
}

/**
 * Rows of wheels and the keypad that turns them. The first digit after choosing a wheel begins it anew; a full wheel
 * hands on to the next one.
 */
export function useWheels<Row extends string>(
  wheels: readonly Wheel[],
  first: Readonly<Record<Row, readonly number[]>>,
  begin: Row,
): WheelsState<Row> {
  const [values, setValues] = useState(first);
  const [active, setActive] = useState<{ row: Row; part: number }>({ row: begin, part: 0 });
  const [fresh, setFresh] = useState(true);
  const set = (row: Row, part: number, to: number) => {
    const bounded = Math.min(Math.max(to, 0), wheels[part]?.most ?? 0);
    setValues((all) => ({ ...all, [row]: wheels.map((_, i) => (i === part ? bounded : (all[row][i] ?? 0))) }));
  };
  const choose = (row: Row, part: number) => {
    setActive({ row, part });
    setFresh(true);
  };
  const digit = (d: number) => {
    const most = wheels[active.part]?.most ?? 0;
    const standing = fresh ? 0 : (values[active.row][active.part] ?? 0);
    const grown = standing * 10 + d;
    const to = grown > most ? d : grown;
    set(active.row, active.part, to);
    // No further digit fits: the next one belongs to the next wheel.
    if (to * 10 > most && to > 9 && active.part + 1 < wheels.length) choose(active.row, active.part + 1);
    else setFresh(false);
  };
  const erase = () => {
    set(active.row, active.part, Math.floor((values[active.row][active.part] ?? 0) / 10));
    setFresh(false);
  };
  return { values, active, set, choose, digit, erase };
}
