import { useMutation, useQuery } from '@tanstack/react-query';
import { CalendarDays } from 'lucide-react';
import { useState } from 'react';
import type { CalendarFeed, OpenedFeed } from '@keeper/contract/calendar';
import { ask } from '../../data/api.js';
import { asked } from '../../data/asked.js';
import { queryClient } from '../../data/queryClient.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { whenText } from '../../parts/when.js';
import { inAndOutText } from './text.en-GB.js';

/** What is planned, closed and due: as a file, and as a feed behind a secret address. */
export function CalendarSection() {
  const feed = useQuery({ ...asked.calendarFeed, retry: false }).data;
  const [copied, setCopied] = useState(false);
  const keep = (now: CalendarFeed) => queryClient.setQueryData(asked.calendarFeed.queryKey, now);
  const open = useMutation({
    mutationFn: () => ask<OpenedFeed>('/calendar', { method: 'PUT' }),
    onSuccess: ({ since }) => {
      keep({ since });
      setCopied(false);
    },
  });
  const close = useMutation({
    mutationFn: () => ask<unknown>('/calendar', { method: 'DELETE' }),
    onSuccess: () => {
      keep({ since: null });
      open.reset();
    },
  });
  const address = open.data && `${location.origin}${open.data.path}`;
  const failed = open.error ?? close.error;
  return (
    <Section title={inAndOutText.calendar}>
      <p className="mb-3 text-soft">{inAndOutText.calendarHow}</p>
      <div className="grid gap-3">
        <a href="/api/calendar.ics" download className="button justify-self-start">
          <CalendarDays size={20} aria-hidden />
          {inAndOutText.calendarFile}
        </a>
        <p className="text-soft">
          {inAndOutText.feedHow} {feed?.since && inAndOutText.feedOpen({ since: whenText(feed.since) })}
        </p>
        {address && (
          <div className="grid gap-2" role="status">
            <p>{inAndOutText.feedAddress}</p>
            <code className="rounded border border-rule bg-leaf p-3 text-sm break-all">{address}</code>
            <button
              type="button"
              className="button justify-self-start"
              onClick={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}
            >
              {copied ? inAndOutText.copied : inAndOutText.copy}
            </button>
          </div>
        )}
        {failed && <Notice role="alert">{failed.message}</Notice>}
        <div className="flex flex-wrap gap-3">
          <button type="button" className="button font-normal" onClick={() => open.mutate()}>
            {feed?.since ? inAndOutText.newSecret : inAndOutText.openFeed}
          </button>
          {feed?.since && (
            <button type="button" className="button font-normal" onClick={() => close.mutate()}>
              {inAndOutText.closeFeed}
            </button>
          )}
        </div>
      </div>
    </Section>
  );
}
