import type { CompanyLogo } from '@etappe/core';
import { Button } from 'antd';
import { useId } from 'react';
import { Field } from '../quantity-fields/field.tsx';
import { server } from '../server-connection.ts';
import { FileButton } from './file-button.tsx';
import { say } from '../messages/handbook.ts';

interface Props {
  readonly logo: CompanyLogo | null;
  readonly take: (logo: CompanyLogo | null) => void;
}

/** The picture at the head of every paper; the server reads it as a picture and keeps nothing else of the file. */
export function LogoField({ logo, take }: Props) {
  const id = useId();
  return (
    <Field label={say('company/logo')} id={id} fault={null}>
      <div id={id} className="logo-field">
        {logo && <img src={`/api/v1/photos/${logo.sha256}/screen`} alt={say('company/logo')} />}
        <FileButton
          label={logo === null ? say('company/choose-logo') : say('another-file')}
          what={say('company/logo-file')}
          accept="image/jpeg,image/png,image/webp"
          send={async (file) => {
            const { sha256, widthPixels, heightPixels } = await server.sendPhoto(file);
            take({ sha256, widthPixels, heightPixels });
          }}
        />
        {logo && (
          <Button
            onClick={() => {
              take(null);
            }}
          >
            {say('company/no-logo')}
          </Button>
        )}
      </div>
    </Field>
  );
}
