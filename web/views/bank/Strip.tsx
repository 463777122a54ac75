import { Suspense, type ComponentProps } from 'react';
import type { ConditionsStrip } from './ConditionsStrip.js';
import { later } from '../../parts/later.js';

const Drawn = later(async () => (await import('./ConditionsStrip.js')).ConditionsStrip);

/** The strip of conditions; what draws it is fetched when it is first needed. */
export function Strip(props: ComponentProps<typeof ConditionsStrip>) {
  return (
    <Suspense fallback={<div className="h-58" />}>
      <Drawn {...props} />
    </Suspense>
  );
}
