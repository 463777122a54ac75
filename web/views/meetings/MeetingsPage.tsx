import { useState } from 'react';
import { Link } from 'react-router';
import type { KeptMeeting } from '@keeper/contract/meetings';
import { paths } from '../../app/paths.js';
import { newId } from '../../data/device.js';
import { useMeetings } from '../../data/rows.js';
import { Unread } from '../../parts/Unread.js';
import { meetingTimes } from './meetingTimes.js';
import { sizeText, useMeetingUnits } from './meetingUnits.js';
import { meetingsText } from './text.en-GB.js';
import { useStanding } from './useMeetingFish.js';

/** Every meeting and season, the one that ends last first. */
export function MeetingsPage() {
  const meetings = useMeetings().toSorted((a, b) => b.toAt.localeCompare(a.toAt));
  const [fresh] = useState(newId);
  return (
    <div className="max-w-3xl">
      <h1 className="text-3xl font-semibold">{meetingsText.meetings}</h1>
      <p className="mt-1 mb-6 max-w-prose text-soft">{meetingsText.listsOfTheBest}</p>
      <Unread kind="meetings" />
      {meetings.length === 0 && <p className="mb-4">{meetingsText.noneYet}</p>}
      <ul className="border-b border-rule">
        {meetings.map((meeting) => (
          <MeetingRow key={meeting.id} meeting={meeting} />
        ))}
      </ul>
      <Link to={paths.meetingRules(fresh)} className="button mt-4">
        {meetingsText.addAMeeting}
      </Link>
    </div>
  );
}

function MeetingRow({ meeting }: { meeting: KeptMeeting }) {
  const standing = useStanding(meeting);
  const units = useMeetingUnits();
  const counted = standing?.counted.length ?? 0;
  return (
    <li className="border-t border-rule">
      <Link
        to={paths.meeting(meeting.id)}
        className="flex min-h-16 flex-wrap items-center justify-between gap-x-6 py-2.5"
      >
        <span>
          <b className="block text-lg">{meeting.name}</b>
          <span className="text-soft">
            {meetingsText.sorts[meeting.sort]}, {meetingTimes(meeting)}
          </span>
        </span>
        <span className="text-right">
          {standing && counted > 0 ? (
            <b className="block text-lg tabular-nums">{sizeText(meeting.by, standing.total, units)}</b>
          ) : (
            <span className="text-soft">{meetingsText.nothingCountsYet}</span>
          )}
          <span className="text-soft">
            {counted}/{meeting.best}
          </span>
        </span>
      </Link>
    </li>
  );
}
