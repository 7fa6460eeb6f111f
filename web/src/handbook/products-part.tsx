import { CATALOGUE, decimal, money } from '@etappe/core';
import type { Product } from '@etappe/core';
import { PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link, NavLink, useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { NEW_PRODUCT, ProductForm } from './product-form.tsx';
import { useHandbook } from './use-handbook.ts';
import type { HandbookDraft } from './use-handbook.ts';
import { say } from '../messages/handbook.ts';

const NEW = 'new';

/** What the company buys: by its label, with its data sheet. */
export function ProductsPart({ id }: { readonly id: string | null }) {
  const { handbook, change } = useHandbook();
  const navigate = useNavigate();
  const { products } = handbook;
  const open = products.find((p) => p.id === id) ?? null;
  const inUse = (agent: string) =>
    products.find((p) => p.inUse && p.agent === agent && p.id !== open?.id) ?? null;
  const save = async (detail: Omit<Product, 'id'>) => {
    const entry = open?.id ?? uuidv7();
    const inUseNow = detail.inUse ? inUse(detail.agent) : null;
    const found = await change([
      ...(inUseNow ? [outOfUse(inUseNow)] : []),
      { part: 'product', entry, detail },
    ]);
    if (found.length === 0) void navigate(`/handbook/products/${entry}`);
    return found;
  };
  return (
    <div className={`handbook-columns ${id === null ? '' : 'has-open'}`}>
      <div className="handbook-list">
        <Button
          type="primary"
          icon={<PlusOutlined />}
          onClick={() => void navigate(`/handbook/products/${NEW}`)}
        >
          {say('add-product')}
        </Button>
        <ul>
          {products.map((p) => (
            <li key={p.id}>
              <NavLink to={`/handbook/products/${p.id}`}>
                {p.name} <span className="quiet">{standingOf(p)}</span>
              </NavLink>
            </li>
          ))}
        </ul>
        {products.length === 0 && <p className="quiet">{say('none-yet-until-you-name')}</p>}
      </div>
      {id !== null && (
        <Link className="handbook-back" to="/handbook/products">
          {say('all-products')}
        </Link>
      )}
      <div className="handbook-cards">
        {id === null && <p className="quiet">{say('open-a-product-on-the')}</p>}
        {id !== null && id !== NEW && !open && <p>{say('no-such-product-it-may')}</p>}
        {(open !== null || id === NEW) && (
          <article className="handbook-card" key={open?.id ?? NEW}>
            <h3>{open?.name ?? say('a-product-from-its-label')}</h3>
            {open && <PackPrices product={open} />}
            <ProductForm
              product={open ? detailOf(open) : NEW_PRODUCT}
              replaces={(agent) => inUse(agent)?.name ?? null}
              save={save}
              remove={
                open &&
                (() => {
                  void change([{ part: 'product', entry: open.id, detail: null }]).then((found) => {
                    if (found.length === 0) void navigate('/handbook/products');
                  });
                })
              }
            />
          </article>
        )}
      </div>
    </div>
  );
}

function detailOf({ id: _, ...detail }: Product): Omit<Product, 'id'> {
  return detail;
}

function outOfUse(product: Product): HandbookDraft {
  return { part: 'product', entry: product.id, detail: { ...detailOf(product), inUse: false } };
}

function standingOf({ agent, dataSheet, inUse }: Product): string {
  const name = CATALOGUE.agents.find((a) => a.id === agent)?.name.toLowerCase() ?? agent;
  return `${name}${inUse ? '' : say('not-in-use')}${dataSheet === null ? say('no-data-sheet-in-line') : ''}`;
}

/** What a litre or kilogram comes to in each pack, the cheapest marked. */
function PackPrices({ product }: { readonly product: Product }) {
  const unit = CATALOGUE.agent(product.agent).stock.form === 'powder' ? 'kg' : 'L';
  const priced = product.packs.flatMap(({ size, price }) =>
    price === null ? [] : [{ size, each: price / size }],
  );
  if (priced.length === 0) return null;
  const least = Math.min(...priced.map((p) => p.each));
  return (
    <p className="figure">
      {priced
        .map(
          ({ size, each }) =>
            `${decimal(size, 2)} ${unit}: ${money(each)} a ${unit}${each === least && priced.length > 1 ? say('least') : ''}`,
        )
        .join(' · ')}
    </p>
  );
}
