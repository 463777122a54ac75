import { paths } from './paths.js';
import { createBrowserRouter } from 'react-router';
import { Run } from '../views/run/Run.js';
import { Today } from '../views/today/Today.js';
import { Broken, NotHere } from './NotHere.js';
import { Shell } from './Shell.js';

/**
 * The order of the work is the navigation. What the bank needs comes with the first load; the desk follows when asked
 * for.
 */
export const router = createBrowserRouter([
  { path: paths.run(':captureId'), element: <Run />, errorElement: <Broken /> },
  {
    path: paths.rehearsal(':seed'),
    errorElement: <Broken />,
    hydrateFallbackElement: <></>,
    lazy: async () => ({ Component: (await import('../views/rehearse/RehearsalRun.js')).RehearsalRun }),
  },
  {
    element: <Shell />,
    errorElement: <Broken />,
    // While the view of a first address is fetched the paper stays empty: it is a moment, and a word would only flash.
    hydrateFallbackElement: <></>,
    children: [
      { path: paths.today, element: <Today /> },
      {
        path: paths.writeUps,
        lazy: async () => ({ Component: (await import('../views/writeUp/Waiting.js')).Waiting }),
      },
      {
        path: paths.writeUp(':captureId'),
        lazy: async () => ({ Component: (await import('../views/writeUp/WriteUp.js')).WriteUp }),
      },
      { path: paths.hurt(), lazy: async () => ({ Component: (await import('../views/hurt/HurtPage.js')).HurtPage }) },
      { path: paths.book, lazy: async () => ({ Component: (await import('../views/book/Book.js')).Book }) },
      {
        path: paths.past,
        lazy: async () => ({ Component: (await import('../views/past/PastFishPage.js')).PastFishPage }),
      },
      {
        path: paths.sheet,
        lazy: async () => ({ Component: (await import('../views/sheet/SheetPage.js')).SheetPage }),
      },
      {
        path: paths.inAndOut,
        lazy: async () => ({ Component: (await import('../views/inAndOut/InAndOut.js')).InAndOut }),
      },
      {
        path: paths.findings,
        lazy: async () => ({ Component: (await import('../views/findings/WhenPage.js')).WhenPage }),
      },
      {
        path: paths.tackleFindings,
        lazy: async () => ({ Component: (await import('../views/findings/TacklePage.js')).TacklePage }),
      },
      {
        path: paths.handlingFindings,
        lazy: async () => ({ Component: (await import('../views/findings/HandlingPage.js')).HandlingPage }),
      },
      {
        path: paths.bests,
        lazy: async () => ({ Component: (await import('../views/findings/BestsPage.js')).BestsPage }),
      },
      {
        path: paths.stocks,
        lazy: async () => ({ Component: (await import('../views/findings/StocksPage.js')).StocksPage }),
      },
      {
        path: paths.season(':year'),
        lazy: async () => ({ Component: (await import('../views/season/SeasonPage.js')).SeasonPage }),
      },
      {
        path: paths.capture(':captureId'),
        lazy: async () => ({ Component: (await import('../views/capture/CapturePage.js')).CapturePage }),
      },
      {
        path: paths.pictures,
        lazy: async () => ({ Component: (await import('../views/pictures/CardPage.js')).CardPage }),
      },
      {
        path: paths.picture(':captureId', ':sha256'),
        lazy: async () => ({ Component: (await import('../views/pictures/BenchPage.js')).BenchPage }),
      },
      {
        path: paths.who(':captureId', ':sha256'),
        lazy: async () => ({ Component: (await import('../views/who/WhoPage.js')).WhoPage }),
      },
      {
        path: paths.beside(':captureId', ':sha256', ':otherId', ':otherSha'),
        lazy: async () => ({ Component: (await import('../views/pictures/ComparePage.js')).ComparePage }),
      },
      {
        path: paths.share(':captureId'),
        lazy: async () => ({ Component: (await import('../views/share/SharePage.js')).SharePage }),
      },
      {
        path: paths.register,
        lazy: async () => ({ Component: (await import('../views/fish/RegisterPage.js')).RegisterPage }),
      },
      {
        path: paths.sweep,
        lazy: async () => ({ Component: (await import('../views/sweep/SweepPage.js')).SweepPage }),
      },
      {
        path: paths.friends,
        lazy: async () => ({ Component: (await import('../views/fish/FriendsPage.js')).FriendsPage }),
      },
      {
        path: paths.fish(':fishId'),
        lazy: async () => ({ Component: (await import('../views/fish/FishPage.js')).FishPage }),
      },
      {
        path: paths.meetings,
        lazy: async () => ({ Component: (await import('../views/meetings/MeetingsPage.js')).MeetingsPage }),
      },
      {
        path: paths.meeting(':meetingId'),
        lazy: async () => ({ Component: (await import('../views/meetings/MeetingPage.js')).MeetingPage }),
      },
      {
        path: paths.meetingRules(':meetingId'),
        lazy: async () => ({ Component: (await import('../views/meetings/MeetingForm.js')).MeetingForm }),
      },
      {
        path: paths.putForward(':meetingId', ':captureId'),
        lazy: async () => ({ Component: (await import('../views/meetings/PutForwardPage.js')).PutForwardPage }),
      },
      { path: paths.keys, lazy: async () => ({ Component: (await import('./KeysPage.js')).KeysPage }) },
      { path: paths.bank, lazy: async () => ({ Component: (await import('../views/bank/BankIndex.js')).BankIndex }) },
      {
        path: paths.newOuting,
        lazy: async () => ({ Component: (await import('../views/bank/NewOuting.js')).NewOuting }),
      },
      {
        path: paths.outing(':outingId'),
        lazy: async () => ({ Component: (await import('../views/bank/OutingPage.js')).OutingPage }),
      },
      {
        path: paths.layout(':outingId'),
        lazy: async () => ({ Component: (await import('../views/layout/LayoutPage.js')).LayoutPage }),
      },
      { path: paths.waters, lazy: async () => ({ Component: (await import('../views/waters/Waters.js')).Waters }) },
      {
        path: paths.water(':waterId'),
        lazy: async () => ({ Component: (await import('../views/waters/WaterForm.js')).WaterForm }),
      },
      {
        path: paths.swim(':waterId', ':swimId'),
        lazy: async () => ({ Component: (await import('../views/waters/SwimForm.js')).SwimForm }),
      },
      { path: paths.kit, lazy: async () => ({ Component: (await import('../views/kit/Kit.js')).Kit }) },
      {
        path: paths.rig(':rigId'),
        lazy: async () => ({ Component: (await import('../views/kit/RigForm.js')).RigForm }),
      },
      {
        path: paths.kitItem(':itemId'),
        lazy: async () => ({ Component: (await import('../views/kit/KitForm.js')).KitForm }),
      },
      {
        path: paths.weighDesk,
        lazy: async () => ({ Component: (await import('../views/weigh/WeighDesk.js')).WeighDesk }),
      },
      {
        path: paths.scaleCheck(':itemId'),
        lazy: async () => ({ Component: (await import('../views/weigh/ScaleCheckPage.js')).ScaleCheckPage }),
      },
      {
        path: paths.rehearse,
        lazy: async () => ({ Component: (await import('../views/rehearse/Rehearse.js')).Rehearse }),
      },
      {
        path: paths.devices,
        lazy: async () => ({ Component: (await import('../views/devices/DevicesPage.js')).DevicesPage }),
      },
      { path: paths.pair, lazy: async () => ({ Component: (await import('../views/devices/PairPage.js')).PairPage }) },
      { path: paths.more, lazy: async () => ({ Component: (await import('../views/more/More.js')).More }) },
      {
        path: paths.settings,
        lazy: async () => ({ Component: (await import('../views/settings/Settings.js')).Settings }),
      },
      { path: '*', element: <NotHere /> },
    ],
  },
]);
