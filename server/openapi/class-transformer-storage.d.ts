/**
 * The registry in which class-transformer keeps `@Type`; class-validator-jsonschema reads it, but the package has no
 * types for it.
 */
declare module 'class-transformer/cjs/storage.js' {
  import type { IOptions } from 'class-validator-jsonschema/build/options.js';

  export const defaultMetadataStorage: NonNullable<IOptions['classTransformerMetadataStorage']>;
}
