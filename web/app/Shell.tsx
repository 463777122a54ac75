import { paths } from './paths.js';
import { appText } from './text.en-GB.js';
import { Ellipsis, type LucideIcon } from 'lucide-react';
import { NavLink, Outlet } from 'react-router';
import { Suspense, type ReactNode } from 'react';
import { useAccess } from '../data/access.js';
import { lazyPart } from '../parts/lazyPart.js';
import { useTally } from '../data/queries.js';
import { FURTHER_PLACES, WORK_PLACES } from './places.js';
import { KnownSince } from './KnownSince.js';
import { SendingLine } from './SendingLine.js';
import { PaletteByKey } from './PaletteByKey.js';
import { TroubleNotice } from './TroubleNotice.js';

const PutOutPage = lazyPart(async () => (await import('../views/devices/PutOutPage.js')).PutOutPage);
const HelperPage = lazyPart(async () => (await import('../views/devices/HelperPage.js')).HelperPage);

const ReaderPage = lazyPart(async () => (await import('../views/readers/ReaderPage.js')).ReaderPage);

/**
 * The frame of every page but the run: places in the order of the work, and what still waits to be sent. A helper's
 * device, a reader's, and one that was put out see a page of their own.
 */
export function Shell() {
  const access = useAccess();
  if (access?.putOut)
    return (
      <Suspense>
        <PutOutPage />
      </Suspense>
    );
  if (access?.role === 'helper')
    return (
      <Suspense>
        <HelperPage />
      </Suspense>
    );
  if (access?.role === 'reader')
    return (
      <Suspense>
        <ReaderPage />
      </Suspense>
    );
  return <KeeperShell />;
}

function KeeperShell() {
  const waiting = useTally().data?.waiting ?? 0;
  return (
    <div className="md:grid md:min-h-dvh md:grid-cols-[13.5rem_1fr] print:block">
      <a href="#page" className="sr-only focus:not-sr-only focus:absolute focus:z-30 focus:bg-leaf focus:p-3">
        {appText.skipToThePage}
      </a>
      <header className="border-rule print:hidden md:sticky md:top-0 md:flex md:h-dvh md:flex-col md:border-r md:px-4 md:py-6">
        <p className="hidden px-3 pb-6 font-book text-xl leading-tight font-semibold md:block">
          {appText.unhurried}
          <br />
          {appText.keeper}
        </p>
        <nav
          aria-label={appText.mainMenu}
          className="fixed inset-x-0 bottom-0 z-10 grid grid-cols-5 border-t border-rule bg-paper pb-[env(safe-area-inset-bottom)] md:static md:grid-cols-1 md:gap-1 md:border-0 md:pb-0"
        >
          {WORK_PLACES.map((place) => (
            <Place key={place.to} {...place}>
              {place.to === paths.writeUps && waiting > 0 && <span className="ml-1.5 font-semibold">{waiting}</span>}
            </Place>
          ))}
          <Place to={paths.more} name={appText.more} Icon={Ellipsis} className="flex md:hidden" />
          {FURTHER_PLACES.map((place, i) => (
            <Place key={place.to} {...place} className={`hidden md:flex ${i === 0 ? 'md:mt-5' : ''}`} />
          ))}
        </nav>
        <div className="mt-auto hidden px-3 md:block">
          <SendingLine />
        </div>
      </header>
      <main
        id="page"
        className="mx-auto w-full max-w-5xl has-data-wide:max-w-[108rem] px-4 pt-6 pb-28 md:px-10 md:pt-9 md:pb-16"
      >
        <PaletteByKey />
        <TroubleNotice />
        <KnownSince />
        <Outlet />
        <div className="mt-10 md:hidden print:hidden">
          <SendingLine />
        </div>
      </main>
    </div>
  );
}

interface PlaceProps {
  readonly to: string;
  readonly name: string;
  readonly Icon: LucideIcon;
  readonly className?: string;
  readonly children?: ReactNode;
}

function Place({ to, name, Icon, className, children }: PlaceProps) {
  return (
    <NavLink
      to={to}
      end={to === '/'}
      className={`min-h-16 flex-col items-center justify-center gap-1 border-t-4 border-transparent text-sm aria-[current=page]:border-water aria-[current=page]:font-semibold md:min-h-12 md:flex-row md:justify-start md:gap-3 md:border-t-0 md:border-l-4 md:px-3 md:text-base ${className ?? 'flex'}`}
    >
      <Icon size={22} strokeWidth={1.75} aria-hidden />
      <span>
        {name}
        {children}
      </span>
    </NavLink>
  );
}
