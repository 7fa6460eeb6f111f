import type { Product } from '@etappe/core';
import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { say } from '../messages/handbook.ts';

interface PackProps {
  readonly packs: Product['packs'];
  readonly unit: string;
  readonly take: (packs: Product['packs']) => null;
}

/** The packs that a product is bought in, with their prices. */
export function PackFields({ packs, unit, take }: PackProps) {
  const replace = (at: number, more: Partial<Product['packs'][number]>) =>
    take(packs.map((pack, i) => (i === at ? { ...pack, ...more } : pack)));
  return (
    <fieldset className="field wide">
      <legend className="field-label">{say('packs-it-is-bought-in')}</legend>
      {packs.map((pack, i) => (
        <div key={`${i} of ${packs.length}`} className="product-pack">
          <NumberField
            label={say('pack', { i: i + 1 })}
            value={pack.size}
            unit={unit}
            take={(size) => replace(i, { size })}
          />
          <NumberField
            label={say('price-of-pack', { i: i + 1 })}
            value={pack.price}
            unit={say('a-pack')}
            clear={() => replace(i, { price: null })}
            take={(price) => replace(i, { price })}
          />
          {packs.length > 1 && (
            <Button
              type="text"
              icon={<DeleteOutlined />}
              aria-label={say('take-out-pack', { i: i + 1 })}
              onClick={() => {
                take(packs.filter((_, at) => at !== i));
              }}
            />
          )}
        </div>
      ))}
      <Button
        size="small"
        icon={<PlusOutlined />}
        onClick={() => {
          take([...packs, { size: 2 * Math.max(...packs.map((p) => p.size)), price: null }]);
        }}
      >
        {say('another-size')}
      </Button>
    </fieldset>
  );
}
