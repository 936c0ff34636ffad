import { readFileSync, readdirSync, readlinkSync } from 'node:fs';

/** True for a living process; a zombie that nobody has waited for doesn't count. */
export function alive(pid) {
  if (!Number.isInteger(pid) || pid <= 1) return false;
  try {
    const state = readFileSync(`/proc/${pid}/stat`, 'utf8').replace(/^.*\) /, '')[0];
    return state !== 'Z';
  } catch {
    return false;
  }
}

export function commandLine(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ').trim();
  } catch {
    return '';
  }
}

/** Who listens on a loopback port, in words. Reads /proc; sees only what this user may see. */
export function holderOf(port) {
  const hex = port.toString(16).toUpperCase().padStart(4, '0');
  const inodes = new Set();
  for (const table of ['/proc/net/tcp', '/proc/net/tcp6']) {
    for (const row of readFileSync(table, 'utf8').split('\n').slice(1)) {
      const field = row.trim().split(/\s+/);
      if (field[1]?.endsWith(`:${hex}`) && field[3] === '0A') inodes.add(`socket:[${field[9]}]`);
    }
  }
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      for (const fd of readdirSync(`/proc/${pid}/fd`)) {
        if (inodes.has(readlinkSync(`/proc/${pid}/fd/${fd}`))) return `process ${pid} (${commandLine(pid)})`;
      }
    } catch {
      // Another user's process, or one that has just ended.
    }
  }
  return 'a process of another user';
}
