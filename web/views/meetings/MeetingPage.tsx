import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { KeptMeeting } from '@keeper/contract/meetings';
import type { MeasuredFish } from '@keeper/core/domain/capture/measuredFish';
import { speciesName } from '@keeper/core/domain/fish/species';
import { worthOf, type Counted, type Standing } from '@keeper/core/meetings/standing';
import type { Message } from '@keeper/core/measure/message';
import { NotHere } from '../../app/NotHere.js';
import { paths } from '../../app/paths.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { useMeetings, useUnread, useWaters } from '../../data/rows.js';
import { BookPicture } from '../../parts/BookPicture.js';
import { Section } from '../../parts/Section.js';
import { TextField } from '../../parts/TextField.js';
import { parseTypedNumber } from '../../parts/typed.js';
import { takenText, whenText } from '../../parts/when.js';
import { say } from '../../text/say.js';
import { meetingTimes } from './meetingTimes.js';
import { sizeText, unitOf, useMeetingUnits } from './meetingUnits.js';
import { meetingsText } from './text.en-GB.js';
import { useStanding } from './useMeetingFish.js';

/** How a meeting stands: what counts, what the next fish must be, and why the others do not. */
export function MeetingPage() {
  const meetingId = useParams()['meetingId'] ?? '';
  const meeting = useMeetings().find(({ id }) => id === meetingId);
  const standing = useStanding(meeting);
  const unread = useUnread('meetings');
  if (!meeting || !standing) return unread ? null : <NotHere />;
  return <MeetingOf meeting={meeting} standing={standing} />;
}

function MeetingOf({ meeting, standing }: { meeting: KeptMeeting; standing: Standing<MeasuredFish> }) {
  const units = useMeetingUnits();
  const { by, best } = meeting;
  const waters = useWaters().filter(({ id }) => meeting.waterIds.includes(id));
  const { counted, total, putForward, smaller, failing, upgrades } = standing;
  const said = (value: number) => sizeText(by, value, units);
  const nowMs = useMinute();
  // What has nothing to be compared is the most of many a season: it is folded away, as other kinds are.
  const isUnmeasured = ({ fails }: (typeof failing)[number]) =>
    fails.length === 1 && fails[0]?.code === 'meeting.notMeasured';
  const isOtherKind = ({ fails }: (typeof failing)[number]) => fails.some(({ code }) => code === 'meeting.otherKind');
  const otherKinds = failing.filter(isOtherKind);
  const unmeasured = failing.filter((each) => !isOtherKind(each) && isUnmeasured(each));
  const ofItsKinds = failing.filter((each) => !isOtherKind(each) && !isUnmeasured(each));
  return (
    <article>
      <p className="text-soft">
        {meetingsText.sorts[meeting.sort]}, {meetingTimes(meeting)}
      </p>
      <h1 className="text-3xl font-semibold md:text-4xl">{meeting.name}</h1>
      <div className="mt-5 grid items-start gap-x-12 gap-y-8 lg:grid-cols-[1fr_21rem] lg:grid-rows-[auto_1fr]">
        <div className="rounded-xl bg-leaf p-5 lg:col-start-2">
          <p className="text-lg">{whenOf(meeting, nowMs) ?? nextText(meeting, standing, said)}</p>
          <Worth meeting={meeting} standing={standing} />
        </div>
        <div className="grid gap-8 lg:col-start-1 lg:row-span-2 lg:row-start-1">
          <div>
            <p className="text-soft">{meetingsText.total}</p>
            <p className="text-5xl font-bold tabular-nums">
              {counted.length === 0 ? meetingsText.nothingCountsYet : said(total)}
            </p>
            {putForward < total && (
              <p className="text-soft">
                {putForward === 0
                  ? meetingsText.nonePutForward
                  : meetingsText.ofThatPutForward({ size: said(putForward) })}
              </p>
            )}
          </div>
          {counted.length > 0 && (
            <Section title={meetingsText.counts}>
              <ol className="border-b border-rule">
                {counted.map((each) => (
                  <FishRow key={each.fish.captureId} meeting={meeting} counted={each} longest={counted[0]?.value ?? 1}>
                    {upgrades
                      .filter(({ fish }) => fish.captureId === each.fish.captureId)
                      .map((upgrade) => meetingsText.upgradeOf({ by: said(upgrade.by) }))
                      .join(', ')}
                  </FishRow>
                ))}
              </ol>
            </Section>
          )}
          {failing.length > 0 && (
            <Section title={meetingsText.notWithinTheRules}>
              <ul className="border-b border-rule">
                {ofItsKinds.map(({ fish, fails }) => (
                  <FailingRow key={fish.captureId} fish={fish} fails={fails} />
                ))}
              </ul>
              <FoldedRows title={meetingsText.withoutSize({ count: unmeasured.length, by })} rows={unmeasured} />
              <FoldedRows title={meetingsText.ofOtherKinds({ count: otherKinds.length })} rows={otherKinds} />
            </Section>
          )}
          {smaller.length > 0 && (
            <Section title={meetingsText.smallerOnes}>
              <ul className="border-b border-rule">
                {smaller.map((each) => (
                  <FishRow
                    key={each.fish.captureId}
                    meeting={meeting}
                    // It needs no proof: another took its place.
                    counted={{ ...each, waits: null }}
                    longest={counted[0]?.value ?? 1}
                  />
                ))}
              </ul>
            </Section>
          )}
        </div>
        <div className="grid gap-8 lg:col-start-2">
          <Section title={meetingsText.itsRules}>
            {asksNothing(meeting) && <p className="mb-3">{meetingsText.rulesWithDoubt}</p>}
            <ul>
              <li className="border-t border-rule py-2">{meetingsText.bestBy({ best, by: byText(by) })}</li>
              {meeting.kinds.length > 0 && (
                <li className="border-t border-rule py-2">
                  {meeting.kinds.map((kind) => say(speciesName(kind))).join(', ')}
                </li>
              )}
              {waters.length > 0 && (
                <li className="border-t border-rule py-2">{waters.map(({ name }) => name).join(', ')}</li>
              )}
              {meeting.least !== null && (
                <li className="border-t border-rule py-2">{meetingsText.leastIs({ size: said(meeting.least) })}</li>
              )}
              {meeting.lengthOf !== null && (
                <li className="border-t border-rule py-2">
                  {meetingsText.lengthTo({ to: meetingsText[meeting.lengthOf] })}
                </li>
              )}
              {meeting.upgradeBy !== null && (
                <li className="border-t border-rule py-2">
                  {meetingsText.upgradeBy({ size: said(meeting.upgradeBy) })}
                </li>
              )}
              {meeting.identifier && (
                <li className="border-t border-rule py-2">
                  {meetingsText.identifierIs({ identifier: meeting.identifier })}
                </li>
              )}
              {meeting.sentWithinH !== null && (
                <li className="border-t border-rule py-2">
                  {meetingsText.sentWithinH({ hours: meeting.sentWithinH })}
                </li>
              )}
              {meeting.note && <li className="border-t border-rule py-2 whitespace-pre-line">{meeting.note}</li>}
            </ul>
            <Link to={paths.meetingRules(meeting.id)} className="button mt-3 w-full">
              {meetingsText.changeTheRules}
            </Link>
          </Section>
        </div>
      </div>
    </article>
  );
}

interface FoldedRowsProps {
  readonly title: string;
  readonly rows: Standing<MeasuredFish>['failing'];
}

/** Fish that fail all for one reason, opened by whoever asks. */
function FoldedRows({ title, rows }: FoldedRowsProps) {
  if (rows.length === 0) return null;
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer list-none underline decoration-edge underline-offset-4">
        {title}
      </summary>
      <ul className="border-b border-rule">
        {rows.map(({ fish, fails }) => (
          <FailingRow key={fish.captureId} fish={fish} fails={fails} />
        ))}
      </ul>
    </details>
  );
}

const byText = (by: KeptMeeting['by']) => (by === 'length' ? meetingsText.byLength : meetingsText.byWeight);

/** That it is over, or has not begun; undefined while it goes on. */
function whenOf({ fromAt, toAt }: KeptMeeting, nowMs: number): string | undefined {
  if (nowMs < Date.parse(fromAt)) return meetingsText.notBegun;
  return nowMs > Date.parse(toAt) ? meetingsText.over : undefined;
}

/** Whether it asks for nothing but a time. */
function asksNothing({ kinds, waterIds, least, identifier }: KeptMeeting): boolean {
  return kinds.length === 0 && waterIds.length === 0 && least === null && identifier === null;
}

function nextText(
  { best, upgradeBy }: KeptMeeting,
  { counted, nextMust }: Standing<MeasuredFish>,
  said: (value: number) => string,
): string {
  const left = best - counted.length;
  if (left > 0)
    return nextMust === null ? meetingsText.nextAny({ left }) : meetingsText.nextAnyOf({ left, least: said(nextMust) });
  return meetingsText.nextMust({ value: said(nextMust ?? 0), more: !upgradeBy });
}

/** What one more of a size would be worth, before it is caught. */
function Worth({ meeting, standing }: { meeting: KeptMeeting; standing: Standing<MeasuredFish> }) {
  const units = useMeetingUnits();
  const { name, size } = unitOf(meeting.by, units);
  const [typed, setTyped] = useState('');
  const value = parseTypedNumber(typed);
  const worth = value !== undefined && Number.isFinite(value) ? worthOf(meeting, standing, value * size) : undefined;
  return (
    <div className="mt-4 grid gap-2">
      <TextField label={meetingsText.whatWouldOne({ unit: name })} numeric value={typed} onChange={setTyped} />
      <p role="status" className="min-h-6">
        {worth !== undefined &&
          (worth > 0
            ? meetingsText.itWouldAdd({ worth: sizeText(meeting.by, worth, units) })
            : meetingsText.itWouldAddNothing)}
      </p>
    </div>
  );
}

interface FishRowProps {
  readonly meeting: KeptMeeting;
  readonly counted: Counted<MeasuredFish>;
  readonly longest: number;
  readonly children?: string;
}

/** A fish with its size as a bar: what lies between the best and the last is seen before it is read. */
function FishRow({ meeting, counted: { fish, value, waits }, longest, children }: FishRowProps) {
  const units = useMeetingUnits();
  const [picture] = fish.pictures;
  const put = fish.putForward.findLast(({ meetingId }) => meetingId === meeting.id);
  return (
    <li className="border-t border-rule py-3">
      <div className="grid grid-cols-[5.5rem_1fr_6.5rem] items-center gap-x-4">
        {picture ? (
          <BookPicture picture={picture} size="thumb" decorative className="h-14 w-22 rounded" />
        ) : (
          <span className="block h-14 w-22 rounded border border-dashed border-rule" />
        )}
        <span className="min-w-0">
          <span className="block">
            <Link to={paths.capture(fish.captureId)} className="quiet-link font-semibold">
              {say(speciesName(fish.species))}
            </Link>
            {children && <span className="text-soft">, {children}</span>}
          </span>
          <span className="block text-sm text-soft">
            {takenText(fish)}
            {put && `, ${meetingsText.wasPutForward({ at: whenText(put.at) })}`}
          </span>
          <span aria-hidden className="mt-1 block h-2">
            <span
              className="block h-full rounded-r-sm border border-water bg-waterfill"
              style={{ width: `${Math.max(4, (100 * value) / longest)}%` }}
            />
          </span>
        </span>
        <span className="text-right">
          <b className="block text-xl tabular-nums">{sizeText(meeting.by, value, units)}</b>
          {put && (
            <Link to={paths.putForward(meeting.id, fish.captureId)} className="quiet-link text-sm">
              {meetingsText.bundleAgain}
            </Link>
          )}
        </span>
      </div>
      {waits && (
        <div className="mt-2 flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
          <span>
            {waits.untilMs === null
              ? meetingsText.toBePutForward
              : meetingsText.toBePutForwardBy({ until: whenText(new Date(waits.untilMs).toISOString()) })}
          </span>
          <Link to={paths.putForward(meeting.id, fish.captureId)} className="button button-main">
            {meetingsText.putItForward}
          </Link>
        </div>
      )}
    </li>
  );
}

/** A fish with the rules that it fails. */
function FailingRow({ fish, fails }: { fish: MeasuredFish; fails: readonly Message[] }) {
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2 border-t border-rule py-3">
      <span>
        <Link to={paths.capture(fish.captureId)} className="quiet-link font-semibold">
          {say(speciesName(fish.species))}
        </Link>{' '}
        <span className="text-soft">{takenText(fish)}</span>
        <span className="block">{fails.map(say).join(' ')}</span>
      </span>
    </li>
  );
}
