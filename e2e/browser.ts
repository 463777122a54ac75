/** Debian's Chromium, quiet and without a network of its own. */
export const BROWSER = {
  launchOptions: {
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  },
  locale: 'en-GB',
  timezoneId: 'UTC',
};
