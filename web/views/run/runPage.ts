/** How the page of a run stands, from its first frame on. */
export const RUN_PAGE = 'mx-auto flex min-h-dvh max-w-6xl flex-col px-4 pt-1 lg:px-8';
export const RUN_HEADER = 'flex min-h-14 items-center justify-between gap-3';
