import { existsSync } from 'node:fs';

/** Debian's Chromium without a window of any kind does less of what nobody sees; the whole one does as well. */
const BUILDS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** Where it is, or will be once it is installed. */
export const chromium = () => BUILDS.find((path) => existsSync(path)) ?? BUILDS[0];
export const hasChromium = () => BUILDS.some((path) => existsSync(path));
