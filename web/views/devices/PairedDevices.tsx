import { BookOpen, Smartphone, UserRound, type LucideIcon } from 'lucide-react';
import type { PairedDevice, Role } from '@keeper/contract/access';
import { usePairedDevices, usePutOut } from '../../data/access.js';
import { Notice } from '../../parts/Notice.js';
import { Section } from '../../parts/Section.js';
import { useHousehold } from '../../parts/useHousehold.js';
import { whenText } from '../../parts/when.js';
import { devicesText } from './text.en-GB.js';

const ICONS: Readonly<Record<Role, LucideIcon>> = { keeper: Smartphone, helper: UserRound, reader: BookOpen };

/** Who was let in: when it was last seen, what waits on it, and out with it in one tap. */
export function PairedDevices({ thisId }: { thisId: string | null }) {
  const devices = usePairedDevices();
  const putOut = usePutOut();
  const household = useHousehold();
  const nameOf = (keeperId: string) => household.find(({ id, isMe }) => id === keeperId && !isMe)?.name ?? null;
  return (
    <Section title={devicesText.pairedDevices}>
      {devices.length === 0 && <p>{devicesText.noneYet}</p>}
      <ul className={devices.length > 0 ? 'border-b border-rule' : ''}>
        {devices.map((device) => {
          const Icon = ICONS[device.role];
          return (
            <li key={device.id} className="flex items-center gap-4 border-t border-rule py-3">
              <Icon size={24} strokeWidth={1.75} aria-hidden className="shrink-0" />
              <div className="min-w-0 flex-1">
                <p className="text-lg font-semibold">
                  {device.name}{' '}
                  <span className="ml-1 text-base font-normal text-soft">
                    {device.id === thisId
                      ? devicesText.thisOne
                      : devicesText.role({ role: device.role, name: nameOf(device.keeperId) })}
                  </span>
                </p>
                <p className="text-soft">{standingText(device)}</p>
              </div>
              {device.putOutAt === null && device.id !== thisId && (
                <button
                  type="button"
                  className="button"
                  aria-label={`${devicesText.putOut}: ${device.name}`}
                  onClick={() => putOut.mutate(device.id)}
                >
                  {devicesText.putOut}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {devices.length > 0 && <p className="mt-2 text-sm text-soft">{devicesText.putOutMeans}</p>}
      {putOut.isError && <Notice role="alert">{devicesText.thatFailed({ sentence: putOut.error.message })}</Notice>}
    </Section>
  );
}

function standingText({ lastSeenAt, waiting, putOutAt, isOver }: PairedDevice): string {
  return [
    putOutAt !== null
      ? devicesText.isPutOut({ when: whenText(putOutAt) })
      : isOver
        ? devicesText.isOver
        : devicesText.lastSeen({ when: whenText(lastSeenAt) }),
    ...(waiting > 0 ? [devicesText.waits({ count: waiting })] : []),
  ].join('; ');
}
