import { CATALOGUE, decimal, money, lowerFirst } from '@etappe/core';
import type { Product } from '@etappe/core';
import { OwnEntries } from './own-entries.tsx';
import { NEW_PRODUCT, ProductForm } from './product-form.tsx';
import { useHandbook } from './use-handbook.ts';
import type { HandbookDraft } from './use-handbook.ts';
import { useOwnEntry } from './use-own-entry.ts';
import { say } from '../messages/handbook.ts';

const PATH = '/handbook/products';

/** What the company buys: by its label, with its data sheet. */
export function ProductsPart({ id }: { readonly id: string | null }) {
  const { products } = useHandbook().handbook;
  const entry = useOwnEntry('product', PATH);
  const inUse = (agent: string, open: Product | null) =>
    products.find((p) => p.inUse && p.agent === agent && p.id !== open?.id) ?? null;
  return (
    <OwnEntries
      path={PATH}
      entries={products}
      id={id}
      words={{
        add: say('add-product'),
        all: say('all-products'),
        noneYet: say('none-yet-until-you-name'),
        openOne: say('open-a-product-on-the'),
        noSuch: say('no-such-product-it-may'),
      }}
      line={(p) => (
        <>
          {p.name} <span className="quiet">{standingOf(p)}</span>
        </>
      )}
      card={(open) => (
        <>
          <h3>{open?.name ?? say('a-product-from-its-label')}</h3>
          {open && <PackPrices product={open} />}
          <ProductForm
            product={open ? detailOf(open) : NEW_PRODUCT}
            replaces={(agent) => inUse(agent, open)?.name ?? null}
            save={(detail) => {
              const other = detail.inUse ? inUse(detail.agent, open) : null;
              return entry.save(open, detail, other ? [outOfUse(other)] : []);
            }}
            remove={entry.remove(open)}
          />
        </>
      )}
    />
  );
}

function detailOf({ id: _, ...detail }: Product): Omit<Product, 'id'> {
  return detail;
}

function outOfUse(product: Product): HandbookDraft {
  return { part: 'product', entry: product.id, detail: { ...detailOf(product), inUse: false } };
}

function standingOf({ agent, dataSheet, inUse }: Product): string {
  const name = lowerFirst(CATALOGUE.agents.find((a) => a.id === agent)?.name ?? agent);
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
