import { Check } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { KeptKitItem } from '@keeper/contract/kit';
import type { HooksGone } from '@keeper/core/bank/closeOfDay';
import { wetnessOf } from '@keeper/core/domain/kit/drying';
import type { OutingState } from '@keeper/core/domain/outing/outingState';
import { paths } from '../../app/paths.js';
import { changeKit } from '../../data/kitRow.js';
import { useRecord } from '../../data/useRecord.js';
import { useMinute } from '../../data/useOutingAssessment.js';
import { makeOutingEvent, record } from '../../data/record.js';
import { NotKept } from '../../parts/NotKept.js';
import { Section } from '../../parts/Section.js';
import { bankText } from './text.en-GB.js';
import { useCloseOfDay } from './useCloseOfDay.js';

/** What is left to do when the fishing is over: filled from the day itself, a tap for each thing done. */
export function CloseOfDayList({ state }: { state: OutingState }) {
  const { close } = useCloseOfDay(state);
  const { keep, notKept } = useRecord();
  const nowMs = useMinute();
  if (!close) return null;
  const ticked = (item: string) => state.checked.includes(item);
  const tick = (item: string) =>
    void keep(() => record([makeOutingEvent(state.outingId, 'item-checked', { item, done: !ticked(item) })]));
  const change = (item: KeptKitItem, part: Partial<KeptKitItem>) => void keep(() => changeKit(item, part));
  const now = () => new Date().toISOString();
  const wet = (close.wet as readonly KeptKitItem[]).filter((item) => wetnessOf(item, nowMs).is !== 'clean');
  const lines: readonly (Line | false)[] = [
    close.hooks.length > 0 && { id: 'close-hooks', text: bankText.hooksToRestock, detail: hooksText(close.hooks) },
    close.suppliedBack && { id: 'close-supplied', text: bankText.suppliedKitBack },
    close.rigsToTest.length > 0 && {
      id: 'close-rigs',
      text: bankText.rigsToTest,
      detail: close.rigsToTest.map((rig) => (
        <Link key={rig.id} to={paths.rig(rig.id)} className="quiet-link mr-4">
          {rig.name}
        </Link>
      )),
    },
    close.toReport.length > 0 && {
      id: 'close-report',
      text: bankText.ownerShouldHear,
      detail: close.toReport.map((captureId, i) => (
        <Link key={captureId} to={paths.capture(captureId)} className="quiet-link mr-4">
          {bankText.woundedFish({ count: i + 1 })}
        </Link>
      )),
    },
    close.toCharge.length > 0 && {
      id: 'close-batteries',
      text: bankText.batteries,
      detail: close.toCharge.map(({ name }) => name).join(', '),
    },
    close.tools.length > 0 && {
      id: 'close-tools',
      text: bankText.toolsAllThere,
      detail: (
        <span className="flex flex-wrap gap-2 pt-1">
          {(close.tools as readonly KeptKitItem[]).map((tool) => (
            <ToolTaps key={tool.id} tool={tool} onChange={(part) => change(tool, part)} />
          ))}
        </span>
      ),
    },
  ];
  const shown = lines.filter((line) => line !== false);
  if (shown.length + wet.length === 0) return null;
  return (
    <Section title={bankText.putAway}>
      <ul className="border-b border-rule">
        {wet.map((item) => (
          <li key={item.id} className="flex flex-wrap items-center justify-between gap-3 border-t border-rule py-2.5">
            <span>
              <b>{item.name}</b> <span className="text-soft">{wetText(item, nowMs)}</span>
            </span>
            <span className="flex flex-wrap gap-2">
              {wetnessOf(item, nowMs).is === 'wet' && (
                <button
                  type="button"
                  className="button font-normal"
                  onClick={() => change(item, { dryingSince: now() })}
                >
                  {bankText.hungToDry}
                </button>
              )}
              <button
                type="button"
                className="button font-normal"
                onClick={() => change(item, { disinfected: { how: 'dipped', at: now() } })}
              >
                {bankText.dippedNow}
              </button>
              {dryByNow(item, nowMs) && (
                <button
                  type="button"
                  className="button font-normal"
                  onClick={() => change(item, { disinfected: { how: 'dried', at: now() } })}
                >
                  {bankText.feltDry}
                </button>
              )}
            </span>
          </li>
        ))}
        {shown.map(({ id, text, detail }) => (
          <li key={id} className="border-t border-rule py-2.5">
            <button
              type="button"
              role="checkbox"
              aria-checked={ticked(id)}
              aria-label={text}
              className="grid min-h-11 w-full grid-cols-[2.25rem_1fr] items-center gap-x-3 text-left"
              onClick={() => tick(id)}
            >
              <span
                className={`grid size-8 place-items-center rounded border-2 ${ticked(id) ? 'border-reed bg-reed text-onreed' : 'border-edge bg-leaf'}`}
              >
                {ticked(id) && <Check size={22} strokeWidth={3} aria-hidden />}
              </span>
              <span className={ticked(id) ? 'text-soft' : 'font-semibold'}>{text}</span>
            </button>
            {detail && <div className="pl-12">{detail}</div>}
          </li>
        ))}
      </ul>
      <NotKept when={notKept} />
    </Section>
  );
}

interface Line {
  readonly id: string;
  readonly text: string;
  readonly detail?: ReactNode;
}

/** A tool that is lost, or came off its lanyard, is said in one tap and stands so in the kit. */
function ToolTaps({ tool, onChange }: { tool: KeptKitItem; onChange: (part: Partial<KeptKitItem>) => void }) {
  return (
    <>
      <button
        type="button"
        aria-pressed={tool.toReplace}
        className="button min-h-11 font-normal aria-pressed:border-rust"
        onClick={() => onChange({ toReplace: !tool.toReplace })}
      >
        {bankText.toolLost({ name: tool.name, is: tool.toReplace })}
      </button>
      {tool.onLanyard && (
        <button type="button" className="button min-h-11 font-normal" onClick={() => onChange({ onLanyard: false })}>
          {bankText.toolUntied({ name: tool.name })}
        </button>
      )}
    </>
  );
}

/** Example: `size 4: 1 cut, 2 lost; of a rig not named: 1 lost`. */
export function hooksText(hooks: readonly HooksGone[]): string {
  return hooks.map((gone) => bankText.hooksGone(gone)).join('; ');
}

function dryByNow(item: KeptKitItem, nowMs: number): boolean {
  const wetness = wetnessOf(item, nowMs);
  return wetness.is === 'drying' && wetness.leftMs === 0;
}

/** How wet a thing is, and what is still to go. Example: `drying, 31 h to go`. */
export function wetText(item: KeptKitItem, nowMs: number): string {
  const wetness = wetnessOf(item, nowMs);
  if (wetness.is === 'clean') return '';
  return wetness.is === 'wet'
    ? bankText.wetFromHere
    : bankText.drying({ hours: Math.ceil(wetness.leftMs / 3_600_000) });
}
