const AND = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** Things one after the other. Example: `list(['net', 'mat', 'sling'])` is `net, mat and sling`. */
export function list(things: readonly string[]): string {
  return AND.format(things);
}
