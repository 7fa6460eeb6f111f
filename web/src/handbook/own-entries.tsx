import { PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import { Link, NavLink, useNavigate } from 'react-router';

/** In the address where an entry is being made. */
const NEW = 'new';

interface OwnEntriesProps<Entry> {
  /** Where they are: `/handbook/lots`. */
  readonly path: string;
  readonly entries: readonly Entry[];
  /** In the address; null where none is open. */
  readonly id: string | null;
  readonly words: {
    readonly add: string;
    readonly all: string;
    readonly noneYet: string;
    readonly openOne: string;
    readonly noSuch: string;
  };
  readonly line: (entry: Entry) => ReactNode;
  /** Of the one that is open, or, for null, of a new one. */
  readonly card: (open: Entry | null) => ReactNode;
}

/** What the company has entered of one kind: a list beside the one that is open. */
export function OwnEntries<Entry extends { readonly id: string }>({
  path,
  entries,
  id,
  words,
  line,
  card,
}: OwnEntriesProps<Entry>) {
  const navigate = useNavigate();
  const open = entries.find((entry) => entry.id === id) ?? null;
  return (
    <div className={`handbook-columns ${id === null ? '' : 'has-open'}`}>
      <div className="handbook-list">
        <Button type="primary" icon={<PlusOutlined />} onClick={() => void navigate(`${path}/${NEW}`)}>
          {words.add}
        </Button>
        <ul>
          {entries.map((entry) => (
            <li key={entry.id}>
              <NavLink to={`${path}/${entry.id}`}>{line(entry)}</NavLink>
            </li>
          ))}
        </ul>
        {entries.length === 0 && <p className="quiet">{words.noneYet}</p>}
      </div>
      {id !== null && (
        <Link className="handbook-back" to={path}>
          {words.all}
        </Link>
      )}
      <div className="handbook-cards">
        {id === null && <p className="quiet">{words.openOne}</p>}
        {id !== null && id !== NEW && !open && <p>{words.noSuch}</p>}
        {(open !== null || id === NEW) && (
          <article className="handbook-card" key={open?.id ?? NEW}>
            {card(open)}
          </article>
        )}
      </div>
    </div>
  );
}
