import { fin, forkedTail, p, plainAnatomy, type Anatomy } from './anatomy.js';
import type { SpeciesId } from './species.js';

/** A build with its outline made deeper or slimmer; fins and landmarks keep to the skin. */
function deeper(build: Anatomy, by: number, change: Partial<Anatomy> = {}): Anatomy {
  const stretch = ({ u, v }: { u: number; v: number }) => p(u, v * by);
  return {
    ...build,
    back: build.back.map((height) => height * by),
    belly: build.belly.map((height) => height * by),
    fins: build.fins.map((each) => (each.root.u > 0.88 ? each : { ...each, outline: each.outline.map(stretch) })),
    ...change,
  };
}

/** Two fins on the back, the first with spines. */
const PERCH_LIKE: Anatomy = {
  ...plainAnatomy('barbel'),
  back: [0.012, 0.055, 0.085, 0.115, 0.135, 0.142, 0.138, 0.128, 0.112, 0.094, 0.076, 0.06, 0.048, 0.042, 0.042],
  belly: [0.014, 0.05, 0.075, 0.092, 0.104, 0.11, 0.11, 0.106, 0.098, 0.086, 0.07, 0.054, 0.044, 0.04, 0.042],
  eye: { u: 0.1, v: -0.03, radius: 0.015 },
  gill: { u: 0.25, bulge: 0.045 },
  mouth: [p(0, 0.01), p(0.04, 0.018), p(0.075, 0.03)],
  barbels: [],
  fins: [
    fin(
      false,
      14,
      p(0.4, 0.05),
      p(0.29, -0.12),
      p(0.31, -0.215),
      p(0.36, -0.24),
      p(0.44, -0.21),
      p(0.53, -0.15),
      p(0.55, -0.125),
    ),
    fin(false, 14, p(0.65, 0.03), p(0.57, -0.12), p(0.59, -0.19), p(0.64, -0.185), p(0.72, -0.13), p(0.74, -0.085)),
    forkedTail(0.11, 0.01),
    fin(false, 10, p(0.67, 0.02), p(0.64, 0.088), p(0.66, 0.165), p(0.71, 0.15), p(0.75, 0.07)),
    fin(true, 8, p(0.33, 0.08), p(0.3, 0.095), p(0.34, 0.185), p(0.39, 0.18), p(0.37, 0.105)),
    fin(true, 12, p(0.27, 0.03), p(0.265, 0.025), p(0.3, 0.09), p(0.365, 0.1), p(0.37, 0.07), p(0.31, 0.03)),
  ],
};

const CHUB = deeper(plainAnatomy('barbel'), 1.2, { barbels: [], mouth: [p(0, 0.01), p(0.04, 0.018), p(0.07, 0.026)] });

/** The builds of species that are drawn and not painted. Proportions by eye, from memory of the living fish. */
const FURTHER: Readonly<Record<Exclude<SpeciesId, 'carp' | 'pike' | 'barbel' | 'wels'>, Anatomy>> = {
  tench: deeper(plainAnatomy('barbel'), 1.32, { barbels: [] }),
  bream: deeper(plainAnatomy('carp-common'), 1.22, { barbels: [] }),
  chub: CHUB,
  zander: deeper(PERCH_LIKE, 0.74),
  perch: PERCH_LIKE,
  trout: {
    ...CHUB,
    fins: [
      ...CHUB.fins,
      fin(false, 4, p(0.79, 0.02), p(0.775, -0.055), p(0.79, -0.095), p(0.815, -0.09), p(0.805, -0.05)),
    ],
  },
  other: CHUB,
};

/** How a species is built, for a drawing of it. Example: a perch has two fins on its back. */
export function bodyShapeOf(species: SpeciesId | null): Anatomy {
  if (species === 'carp' || species === null) return plainAnatomy('carp-common');
  if (species === 'pike' || species === 'barbel' || species === 'wels') return plainAnatomy(species);
  return FURTHER[species];
}
