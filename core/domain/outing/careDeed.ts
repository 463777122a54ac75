/** How the mat lies: on its back, or with the side for the fish against the ground. */
export type MatFace = 'up' | 'down';

/** Something done to mat or bucket, and when. */
export type CareDeed =
  | { readonly kind: 'soaked'; readonly atMs: number }
  | { readonly kind: 'turned'; readonly atMs: number; readonly face: MatFace }
  | { readonly kind: 'bucket-changed'; readonly atMs: number };
