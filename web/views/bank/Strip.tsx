import { Suspense, type ComponentProps } from 'react';
import type { ConditionsStrip } from './ConditionsStrip.js';
import { lazyPart } from '../../parts/lazyPart.js';

const Drawn = lazyPart(async () => (await import('./ConditionsStrip.js')).ConditionsStrip);

/** The strip of conditions; what draws it is fetched when it is first needed. */
export function Strip(props: ComponentProps<typeof ConditionsStrip>) {
  return (
    <Suspense fallback={<div className="h-58" />}>
      <Drawn {...props} />
    </Suspense>
  );
}
