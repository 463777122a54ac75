/**
 * How it was around a fish when it took: kept with the capture, so that it can be read years later without the outing.
 */
export interface CaptureConditions {
  readonly waterC?: number;
  readonly airC?: number;
  readonly oxygenMgL?: number;
  /** Further pairs of hands. */
  readonly companions?: number;
  readonly dark?: boolean;
  /** Thunder in the hour. */
  readonly thunder?: boolean;
}
