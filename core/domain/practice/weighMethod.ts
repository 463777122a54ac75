/**
 * `zeroed`: scale zeroed with the wet sling on the hook, the reading is the weight. `gross-minus-tare`: the sling is
 * taken off by sum.
 */
export type WeighMethod = 'zeroed' | 'gross-minus-tare';

export const WEIGH_METHODS: readonly WeighMethod[] = ['zeroed', 'gross-minus-tare'];
