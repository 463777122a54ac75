/** Why the server does not start, worded for the person at the terminal. */
export class StartError extends Error {}
