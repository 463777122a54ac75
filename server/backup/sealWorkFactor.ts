/** Of scrypt, as a power of two: about a second on a small computer, for whoever guesses as for the keeper. */
export const SEAL_WORK_FACTOR = 16;
