import type { RequestHandler } from 'express';
import { Problem } from '../problems/problem.ts';

/** The names by which a machine calls itself. */
const LOOPBACK = /^(localhost|127\.\d{1,3}\.\d{1,3}\.\d{1,3}|\[::1\])$/;
const HOST = /^(\[[0-9a-f:]+\]|[^\s:/@[\]]+)(:\d{1,5})?$/;

/** A name or address, without its port, in lower case; null where a Host header is none. */
export function hostNameOf(host: string | undefined): string | null {
  return HOST.exec(host?.toLowerCase() ?? '')?.[1]?.replace(/\.$/, '') ?? null;
}

export function isLoopback(hostName: string): boolean {
  return LOOPBACK.test(hostName);
}

/**
 * Refuses what came by a name that is not this server's: a page of somebody else that points a name of its own at this machine
 * comes with that name, and would be of one origin with the answers.
 * @param allowedHosts names beside those of loopback, in lower case, without a port
 */
export function hostCheck(allowedHosts: readonly string[]): RequestHandler {
  return (req, _res, next) => {
    const name = hostNameOf(req.headers.host);
    if (name === null || !(isLoopback(name) || allowedHosts.includes(name)))
      throw new Problem(
        421,
        'misdirected',
        'This server has another name',
        `The request came for ${name === null ? 'no name that can be read' : `"${name.slice(0, 100)}"`}. Open Etappe by ${['localhost', '127.0.0.1', ...allowedHosts].join(' or ')}; who runs the server adds names in ALLOWED_HOSTS.`,
      );
    next();
  };
}
