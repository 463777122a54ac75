/** A fish put forward to a meeting, with the picture that proves it. */
export interface PutForward {
  readonly meetingId: string;
  readonly sha256: string;
  /** When, by the wall clock of the device. */
  readonly at: string;
  /** What was looked at and found right in the picture. */
  readonly checks: readonly ProofCheck[];
  /** Why it was sent later than the meeting allows. */
  readonly lateWhy?: string;
}

/** What is looked at in a picture before it is put forward. */
export const PROOF_CHECKS = [
  'identifier',
  'mouth-shut',
  'tail-on-mark',
  'gill-cover',
  'nose-light',
  'same-way',
] as const;
export type ProofCheck = (typeof PROOF_CHECKS)[number];
