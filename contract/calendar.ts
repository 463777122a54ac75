/** How the calendar feed stands: whether there is one, and since when. */
export interface CalendarFeed {
  readonly since: string | null;
}

/** A feed that was opened: its address is said this once, and kept by nobody. */
export interface OpenedFeed extends CalendarFeed {
  /** The path below this server, with the secret that opens it. */
  readonly path: string;
}
