import { OWN_ID } from '@etappe/core';
import type { CompanyHandbook } from '@etappe/core';
import { PlusOutlined } from '@ant-design/icons';
import { Button, Switch } from 'antd';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import { personOnDevice } from '../person-on-device.ts';
import { TextField } from '../quantity-fields/text-field.tsx';
import { ReasonDialog } from '../reason-dialog.tsx';
import { Faults } from './faults.tsx';
import { OwnMethodForm } from './own-method-form.tsx';
import { useHandbook } from './use-handbook.ts';
import { say } from '../messages/handbook.ts';

type OwnPart = 'material' | 'method';

interface Props {
  readonly part: OwnPart;
  readonly id: string;
}

/** On the card of a material or method: to make one like it, or, of an own one, to change it or put it away. */
export function OwnEntryActs({ part, id }: Props) {
  const { handbook } = useHandbook();
  const [adding, setAdding] = useState(false);
  if (OWN_ID.test(id)) return <OwnEntry part={part} id={id} handbook={handbook} />;
  return (
    <p>
      <Button
        icon={<PlusOutlined />}
        onClick={() => {
          setAdding(true);
        }}
      >
        {say('add-one-like-it')}
      </Button>
      {adding && (
        <AddDialog
          part={part}
          like={id}
          close={() => {
            setAdding(false);
          }}
        />
      )}
    </p>
  );
}

/** `own-` and the words of the name; a number where the company has that already. */
function ownIdOf(name: string, taken: readonly string[]): string {
  const words = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
  const base = `own-${words === '' ? 'entry' : words}`;
  const free = (n: number): string => (taken.includes(`${base}-${n}`) ? free(n + 1) : `${base}-${n}`);
  return taken.includes(base) ? free(2) : base;
}

function AddDialog({
  part,
  like,
  close,
}: {
  readonly part: OwnPart;
  readonly like: string;
  readonly close: () => void;
}) {
  const { handbook, catalogue, change } = useHandbook();
  const navigate = useNavigate();
  const of = part === 'material' ? catalogue.material(like) : catalogue.method(like);
  const [name, setName] = useState('');
  const [faults, setFaults] = useState<readonly string[]>([]);
  const add = async (reason: string, by: string) => {
    const list = part === 'material' ? handbook.materials : handbook.methods;
    const entry = ownIdOf(
      name,
      list.map((own) => own.id),
    );
    const about = { putAway: false, reason, by, at: new Date().toISOString() };
    const found = await change([
      {
        part,
        entry,
        detail: {
          ...(part === 'material' ? { name, synonyms: [], like, values: {} } : { method: copyOf(like) }),
          ...about,
        },
      },
    ]);
    setFaults(found);
    if (found.length > 0) return;
    close();
    void navigate(`/handbook/${part}s/${entry}`);
  };
  const copyOf = (id: string) => {
    const { id: _, source: _s, ...method } = catalogue.method(id);
    return { ...method, name };
  };
  return (
    <ReasonDialog
      title={say('our-own-like', { part, name: of.name.toLowerCase() })}
      ok={say('add-it')}
      cancel={say('cancel')}
      danger={false}
      ask={say('say-what-it-is-for')}
      firstBy={personOnDevice()}
      close={close}
      accept={(reason, by) => void add(reason, by)}
    >
      <p>{say('it-starts-as-a-copy', { partIs: part === 'material' ? 'yes' : 'no' })}</p>
      <TextField
        label={say('its-name')}
        value={name}
        take={(text) => {
          setName(text.trim());
          return null;
        }}
      />
      <Faults faults={faults} />
    </ReasonDialog>
  );
}

function OwnEntry({ part, id, handbook }: Props & { readonly handbook: CompanyHandbook }) {
  const { change } = useHandbook();
  const switchId = useId();
  const [faults, setFaults] = useState<readonly string[]>([]);
  const own = (part === 'material' ? handbook.materials : handbook.methods).find((e) => e.id === id);
  if (!own) return null;
  const { id: entry, ...detail } = own;
  return (
    <div>
      <p className="quiet">
        {say('our-own-by', { by: own.by, at: own.at.slice(0, 10), reason: own.reason })}
      </p>
      <label className="switch-row" htmlFor={switchId}>
        <Switch
          id={switchId}
          checked={own.putAway}
          onChange={(putAway) =>
            void change([{ part, entry, detail: { ...detail, putAway } }]).then(setFaults)
          }
        />{' '}
        {say('put-away-it-stays-where')}
      </label>
      <Faults faults={faults} />
      {'method' in own && (
        <OwnMethodForm
          key={own.at}
          own={own}
          save={(method) =>
            change([
              {
                part,
                entry,
                detail: { ...detail, method, by: personOnDevice(), at: new Date().toISOString() },
              },
            ])
          }
        />
      )}
    </div>
  );
}
