import './app/theme.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { QueryClientProvider } from '@tanstack/react-query';
import { RouterProvider } from 'react-router/dom';
import { registerSW } from 'virtual:pwa-register';
import { router } from './app/router.js';
import { persistAnswers } from './data/persistedAnswers.js';
import { queryClient } from './data/queryClient.js';
import { wakeKeeper } from './data/wakeKeeper.js';

registerSW({ immediate: true });
persistAnswers();
void wakeKeeper();

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queryClient}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </StrictMode>,
  );
}
