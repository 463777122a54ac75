import { Command } from 'cmdk';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useFishNames, useStandingWaters } from '../data/rows.js';
import { FURTHER_PLACES, WORK_PLACES } from './places.js';
import { paths } from './paths.js';
import { appText } from './text.en-GB.js';

const NEW_THINGS = [
  { to: paths.newOuting, name: appText.planAnOuting },
  { to: paths.past, name: appText.addAPastFish },
  { to: paths.sheet, name: appText.takeInASheet },
  { to: paths.inAndOut, name: appText.inAndOut },
  { to: paths.meetings, name: appText.meetings },
  { to: paths.devices, name: appText.devices },
  { to: paths.hurt(), name: appText.somebodyIsHurt },
  { to: paths.keys, name: appText.shortcuts },
] as const;

const ITEM =
  'flex min-h-12 cursor-pointer items-center rounded-md px-3 data-[selected=true]:bg-leaf data-[selected=true]:shadow-[inset_4px_0_0_var(--water)]';

const GROUP =
  'text-sm text-soft *:[[cmdk-group-heading]]:px-3 *:[[cmdk-group-heading]]:pt-2 *:[[cmdk-group-items]]:text-base *:[[cmdk-group-items]]:text-ink';

/** Every place, the waters and the known fish by a few letters of their name; else it is looked for in the book. */
export function Palette({ onClose }: { onClose: () => void }) {
  const [typed, setTyped] = useState('');
  const navigate = useNavigate();
  const waters = useStandingWaters();
  const fish = useFishNames();
  const go = (to: string) => {
    onClose();
    void navigate(to);
  };
  const item = ({ to, name }: { readonly to: string; readonly name: string }) => (
    <Command.Item key={to} value={`${name}\n${to}`} className={ITEM} onSelect={() => go(to)}>
      {name}
    </Command.Item>
  );
  return (
    <Command.Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      label={appText.goOrFind}
      filter={(value, sought) => (isNamed(value, sought) ? 1 : 0)}
      overlayClassName="fixed inset-0 z-10 bg-[#0b0605b3]"
      contentClassName="fixed inset-x-3 top-[12dvh] z-20 mx-auto max-w-xl rounded-xl bg-paper p-3"
    >
      <Command.Input
        className="field text-lg"
        placeholder={appText.goOrFind}
        maxLength={200}
        value={typed}
        onValueChange={setTyped}
      />
      <Command.List className="mt-2 max-h-[60dvh] overflow-auto">
        <Command.Empty className="p-3 text-soft">{appText.nothingSo}</Command.Empty>
        <Command.Group heading={appText.places} className={GROUP}>
          {[...WORK_PLACES, ...FURTHER_PLACES].map(item)}
        </Command.Group>
        <Command.Group heading={appText.newThings} className={GROUP}>
          {NEW_THINGS.map(item)}
        </Command.Group>
        {typed.trim() !== '' && (
          <Command.Group heading={appText.watersAndFish} className={GROUP}>
            {waters.map(({ id, name }) => item({ to: paths.water(id), name }))}
            {fish.map(({ id, name }) => item({ to: paths.fish(id), name }))}
          </Command.Group>
        )}
        {typed.trim() !== '' && (
          <Command.Item
            forceMount
            value={`find ${typed}`}
            className={ITEM}
            onSelect={() => go(`${paths.book}?${new URLSearchParams({ q: typed.trim() }).toString()}`)}
          >
            {appText.findFish({ typed: typed.trim() })}
          </Command.Item>
        )}
      </Command.List>
    </Command.Dialog>
  );
}

/** Whether each word that was typed begins one of the name; the address behind it does not count. */
function isNamed(value: string, sought: string): boolean {
  const words = (value.split('\n')[0] ?? '').toLowerCase().split(/\s+/);
  return sought
    .toLowerCase()
    .split(/\s+/)
    .every((part) => words.some((word) => word.startsWith(part)));
}
