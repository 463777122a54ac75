/** Schools on a fish that was hooked by accident in water that is too warm for it. */
export const HOT_CAPTURE_PRACTICES = ['land', 'break-off'] as const;
export type HotCapturePractice = (typeof HOT_CAPTURE_PRACTICES)[number];
