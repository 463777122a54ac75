/** Of a fish that came in with a sheet: which import it was, and the key of its row. */
export interface Imported {
  readonly importId: string;
  /** Made of what the row said: the same row comes in once. */
  readonly key: string;
}
