import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';

/** Who set a value, and when. */
export const ABOUT = { by: 'Ida', at: '2026-05-04T08:00:00.000Z' };

/** A field with another text in it. */
export const retype = async (label: string, text: string) => {
  const field = await screen.findByLabelText(label);
  await userEvent.clear(field);
  await userEvent.click(field);
  await userEvent.paste(text);
};

/** Those of the entry itself; its conditions have theirs below. */
export const openValues = async () => {
  const [own] = await screen.findAllByText('Our values', { selector: 'summary h4' });
  if (own) await userEvent.click(own);
};
