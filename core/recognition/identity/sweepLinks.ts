/** Two catches that look like one fish. */
export interface AlikeCatches {
  readonly captureId: string;
  readonly otherId: string;
  readonly probability: number;
}

/** A link to be decided next, and how many catches hang together with it by such links. */
export interface SweepLink<T extends AlikeCatches = AlikeCatches> {
  readonly alike: T;
  /** All catches of its group, linked already or not. */
  readonly group: readonly string[];
}

/** From here on two catches are shown as perhaps one fish. */
export const WORTH_A_LOOK = 0.3;

/**
 * What is left to decide of a book: links between catches that are not of one fish yet, group by group, the most
 * certain group first, and within it the most certain first. A group of four catches needs three links: those that
 * follow from others are left out (Kruskal 1956). `fishOf` says which fish a catch is of already; `apart` which pairs
 * were decided to be two. Example: A like B 0.9, B like C 0.8 and A like C 0.7 are two links, A with B and B with C.
 */
export function sweepLinks<T extends AlikeCatches>(
  alike: readonly T[],
  fishOf: (captureId: string) => string,
  apart: (captureId: string, otherId: string) => boolean,
): SweepLink<T>[] {
  const parent = new Map<string, string>();
  const root = (of: string): string => {
    const up = parent.get(of) ?? of;
    return up === of ? of : root(up);
  };
  const groups = new Map<string, T[]>();
  const members = new Map<string, Set<string>>();
  for (const each of alike.toSorted((a, b) => b.probability - a.probability)) {
    if (each.probability < WORTH_A_LOOK || apart(each.captureId, each.otherId)) continue;
    const [a, b] = [root(fishOf(each.captureId)), root(fishOf(each.otherId))];
    if (a === b) continue;
    parent.set(b, a);
    groups.set(a, [...(groups.get(a) ?? []), ...(groups.get(b) ?? []), each]);
    groups.delete(b);
    const both = [...(members.get(a) ?? []), ...(members.get(b) ?? []), each.captureId, each.otherId];
    members.set(a, new Set(both));
    members.delete(b);
  }
  return [...groups]
    .map(([head, links]) => ({ head, links: links.toSorted((a, b) => b.probability - a.probability) }))
    .sort((a, b) => (b.links[0]?.probability ?? 0) - (a.links[0]?.probability ?? 0))
    .flatMap(({ head, links }) => links.map((link) => ({ alike: link, group: [...(members.get(head) ?? [])] })));
}
