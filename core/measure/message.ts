/** A message that takes no figures. */
export type None = Record<never, never>;

/**
 * Something to be said to the keeper: a code and the figures it takes. The rules say what, the text rooms say how, in
 * the keeper's language.
 */
export interface Message {
  readonly code: string;
  readonly values?: Readonly<Record<string, unknown>>;
}

/** Turns a message into words. */
export type Say = (message: Message) => string;

/**
 * The messages of one room, typed by its vocabulary `V` (key to figures).
 *
 * @example
 * const kitMessage = messagesOf<{ wet: None; short: { lengthMm: number } }>('kit');
 * kitMessage('short', { lengthMm: 900 }); // { code: 'kit.short', values: { lengthMm: 900 } }
 */
export function messagesOf<V extends object>(room: string) {
  return <K extends keyof V & string>(
    key: K,
    ...[values]: V[K] extends None ? [values?: V[K]] : [values: V[K]]
  ): Message =>
    values === undefined
      ? { code: `${room}.${key}` }
      : { code: `${room}.${key}`, values: values as Record<string, unknown> };
}
