import { useMemo } from 'react';
import { practicesAt, type PracticesHere } from '@keeper/core/domain/practice/practicesAt';
import { useSettings } from './queries.js';
import { useWaters } from './rows.js';

/** The keeper's ways at a water: what is set for it alone, and else what holds everywhere. */
export function usePracticesAt(waterId: string | null | undefined): PracticesHere {
  const settings = useSettings();
  const water = useWaters().find(({ id }) => id === waterId);
  return useMemo(() => practicesAt(settings, water?.practices), [settings, water]);
}
