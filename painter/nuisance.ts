/** What can be wrong with a picture. Each is written beside the picture, for those who test what notices it. */
export interface Nuisance {
  /** Out of focus: deviation of the blur in lengths of the fish. 0.001 is sharp enough, 0.006 is useless. */
  readonly blur: number;
  /** Shaken: length of the smear in lengths of the fish, and its direction. */
  readonly shake: number;
  readonly shakeRad: number;
  /** Share of the flank, about, that throws the light back white. */
  readonly glare: number;
  /** Fingers over the gill cover or the pattern behind it. */
  readonly handOver: 'gill' | 'flank' | null;
  /** The edge of a shadow falls across the nose. */
  readonly noseShadow: boolean;
  /** How much stands about behind the fish. */
  readonly clutter: number;
  /** How far the water's edge behind is off level. */
  readonly horizonRad: number;
}

/** A picture as it should be. */
export const CLEAN: Nuisance = {
  blur: 0,
  shake: 0,
  shakeRad: 0,
  glare: 0,
  handOver: null,
  noseShadow: false,
  clutter: 0,
  horizonRad: 0,
};
