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
  { path: '/run/:captureId', element: <Run />, errorElement: <Broken /> },
  {
    path: '/rehearse/:seed',
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
      { path: '/', element: <Today /> },
      { path: '/write-up', lazy: async () => ({ Component: (await import('../views/writeUp/Waiting.js')).Waiting }) },
      {
        path: '/write-up/:captureId',
        lazy: async () => ({ Component: (await import('../views/writeUp/WriteUp.js')).WriteUp }),
      },
      { path: '/book', lazy: async () => ({ Component: (await import('../views/book/Book.js')).Book }) },
      {
        path: '/book/:captureId',
        lazy: async () => ({ Component: (await import('../views/capture/CapturePage.js')).CapturePage }),
      },
      {
        path: '/pictures',
        lazy: async () => ({ Component: (await import('../views/pictures/CardPage.js')).CardPage }),
      },
      {
        path: '/pictures/:captureId/:sha256',
        lazy: async () => ({ Component: (await import('../views/pictures/BenchPage.js')).BenchPage }),
      },
      {
        path: '/pictures/:captureId/:sha256/who',
        lazy: async () => ({ Component: (await import('../views/who/WhoPage.js')).WhoPage }),
      },
      {
        path: '/pictures/:captureId/:sha256/beside/:otherId/:otherSha',
        lazy: async () => ({ Component: (await import('../views/pictures/ComparePage.js')).ComparePage }),
      },
      {
        path: '/book/:captureId/share',
        lazy: async () => ({ Component: (await import('../views/share/SharePage.js')).SharePage }),
      },
      {
        path: '/fish',
        lazy: async () => ({ Component: (await import('../views/fish/RegisterPage.js')).RegisterPage }),
      },
      {
        path: '/fish/sweep',
        lazy: async () => ({ Component: (await import('../views/sweep/SweepPage.js')).SweepPage }),
      },
      {
        path: '/fish/friends',
        lazy: async () => ({ Component: (await import('../views/fish/FriendsPage.js')).FriendsPage }),
      },
      {
        path: '/fish/:fishId',
        lazy: async () => ({ Component: (await import('../views/fish/FishPage.js')).FishPage }),
      },
      { path: '/bank', lazy: async () => ({ Component: (await import('../views/bank/BankIndex.js')).BankIndex }) },
      { path: '/bank/new', lazy: async () => ({ Component: (await import('../views/bank/NewOuting.js')).NewOuting }) },
      {
        path: '/bank/:outingId',
        lazy: async () => ({ Component: (await import('../views/bank/OutingPage.js')).OutingPage }),
      },
      {
        path: '/bank/:outingId/layout',
        lazy: async () => ({ Component: (await import('../views/layout/LayoutPage.js')).LayoutPage }),
      },
      { path: '/waters', lazy: async () => ({ Component: (await import('../views/waters/Waters.js')).Waters }) },
      {
        path: '/waters/:waterId',
        lazy: async () => ({ Component: (await import('../views/waters/WaterForm.js')).WaterForm }),
      },
      {
        path: '/waters/:waterId/swims/:swimId',
        lazy: async () => ({ Component: (await import('../views/waters/SwimForm.js')).SwimForm }),
      },
      { path: '/kit', lazy: async () => ({ Component: (await import('../views/kit/Kit.js')).Kit }) },
      {
        path: '/kit/rigs/:rigId',
        lazy: async () => ({ Component: (await import('../views/kit/RigForm.js')).RigForm }),
      },
      {
        path: '/kit/items/:itemId',
        lazy: async () => ({ Component: (await import('../views/kit/KitForm.js')).KitForm }),
      },
      { path: '/weigh', lazy: async () => ({ Component: (await import('../views/weigh/WeighDesk.js')).WeighDesk }) },
      {
        path: '/weigh/scales/:itemId',
        lazy: async () => ({ Component: (await import('../views/weigh/ScaleCheckPage.js')).ScaleCheckPage }),
      },
      {
        path: '/rehearse',
        lazy: async () => ({ Component: (await import('../views/rehearse/Rehearse.js')).Rehearse }),
      },
      { path: '/more', lazy: async () => ({ Component: (await import('../views/more/More.js')).More }) },
      {
        path: '/settings',
        lazy: async () => ({ Component: (await import('../views/settings/Settings.js')).Settings }),
      },
      { path: '*', element: <NotHere /> },
    ],
  },
]);
