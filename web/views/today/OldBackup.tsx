import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { paths } from '../../app/paths.js';
import { asked } from '../../data/asked.js';
import { Notice } from '../../parts/Notice.js';
import { whenText } from '../../parts/when.js';
import { todayText } from './text.en-GB.js';

/** That the last good backup is too old, where one is to be made every night. */
export function OldBackup() {
  const backups = useQuery({ ...asked.backups, retry: false }).data;
  if (!backups?.isOld) return null;
  return (
    <Notice role="status">
      {backups.lastAt === null ? todayText.noBackup : todayText.oldBackup({ at: whenText(backups.lastAt) })}{' '}
      {backups.trouble !== null && `${backups.trouble} `}
      <Link to={paths.inAndOut} className="quiet-link">
        {todayText.toTheBackups}
      </Link>
    </Notice>
  );
}
