/** Stops the server, does something while no book is open, and starts it again. */
export type Restart = (meanwhile: () => void) => void;

export const RESTART = Symbol('restart of the server');
