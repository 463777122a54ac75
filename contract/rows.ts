/** An ordinary row as it is kept: it counts its revisions, so that two who write it find out about each other. */
export type Revisioned<T> = T & { readonly revision: number; readonly updatedAt: string };

/** A row that can be archived without losing what points to it. */
export type Archived<T> = Revisioned<T> & { readonly id: string; readonly retired: boolean };
