import { waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';

/** What a button is called: by its label, otherwise by what stands on it. */
function nameOf(button: Element): string {
  return (button.getAttribute('aria-label') ?? button.textContent).trim();
}

/**
 * Presses the one button of a name once it is there. On a page with hundreds of elements this takes milliseconds, where the
 * search by role works out for each what it is, what it is called and what hides it.
 */
export async function press(name: string | RegExp): Promise<void> {
  const button = await waitFor(() => {
    const found = [...document.querySelectorAll('button')].filter((b) =>
      typeof name === 'string' ? nameOf(b) === name : name.test(nameOf(b)),
    );
    const [only] = found;
    if (!only || found.length > 1) throw new Error(`${found.length} buttons are called ${name}`);
    return only;
  });
  await userEvent.click(button);
}
