/** The folder of the generated migrations: by them it is known whether a book is of a newer version. */
export const MIGRATIONS = Symbol('folder of the migrations');
