import { createBrowserRouter } from 'react-router';
import { Run } from '../views/run/Run.js';
import { Today } from '../views/today/Today.js';
import { NotHere } from './NotHere.js';
import { Shell } from './Shell.js';

/** The order of the work is the navigation. What the bank needs comes with the first load; the desk follows when asked for. */
export const router = createBrowserRouter([
  { path: '/run/:captureId', element: <Run />, errorElement: <NotHere /> },
  {
    element: <Shell />,
    errorElement: <NotHere />,
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
        path: '/settings',
        lazy: async () => ({ Component: (await import('../views/settings/Settings.js')).Settings }),
      },
      { path: '*', element: <NotHere /> },
    ],
  },
]);
