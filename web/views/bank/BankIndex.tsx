import { paths } from '../../app/paths.js';
import { Navigate } from 'react-router';
import { currentOuting, useOutings } from '../../data/useOuting.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { NewOuting } from './NewOuting.js';

/** Leads to the outing that one is on, else to planning one. */
export function BankIndex() {
  const current = currentOuting(useOutings(), useMinute());
  return current ? <Navigate to={paths.outing(current.outingId)} replace /> : <NewOuting />;
}
