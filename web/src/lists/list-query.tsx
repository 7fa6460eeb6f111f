import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { say } from '../messages/lists.ts';

export interface ListQuery {
  readonly find: string;
  readonly from: number;
  readonly size: number;
}

const PAGE_SIZE = 25;

/** What is searched and which page is shown, out of the address; empty values leave it. */
export function useListQuery() {
  const [params, setParams] = useSearchParams();
  const from = Number(params.get('from') ?? 0);
  const query: ListQuery = {
    find: (params.get('find') ?? '').slice(0, 120),
    from: Number.isInteger(from) && from > 0 ? from : 0,
    size: PAGE_SIZE,
  };
  // The address follows after a moment: what is asked for meanwhile adds to what was asked, and takes none of it away.
  const asked = useRef(params);
  useEffect(() => {
    asked.current = params;
  }, [params]);
  const set = (more: Readonly<Record<string, string>>) => {
    const next = new URLSearchParams(asked.current);
    for (const [key, value] of Object.entries(more)) {
      if (value) next.set(key, value);
      else next.delete(key);
    }
    asked.current = next;
    setParams(next, { replace: true });
  };
  return { query, set, params };
}

interface PagerProps {
  readonly query: ListQuery;
  readonly total: number;
  readonly set: (more: Readonly<Record<string, string>>) => void;
}

/** Which entries of how many are shown, and the way to the others; nothing where all are shown. */
export function Pager({ query, total, set }: PagerProps) {
  const { from, size } = query;
  if (total <= size && from === 0) return null;
  const go = (to: number) => {
    set({ from: to <= 0 ? '' : String(to) });
  };
  return (
    <nav className="pager" aria-label={say('pages')}>
      <Button
        disabled={from === 0}
        onClick={() => {
          go(from - size);
        }}
      >
        {say('earlier')}
      </Button>
      <span className="figure">
        {say('to-of', { from: Math.min(from + 1, total), from2: Math.min(from + size, total), total })}
      </span>
      <Button
        disabled={from + size >= total}
        onClick={() => {
          go(from + size);
        }}
      >
        {say('later')}
      </Button>
    </nav>
  );
}
