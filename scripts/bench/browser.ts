/** Debian's Chromium without a screen, and without a word to the network. */
export const BROWSER = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-sync',
  ],
};
