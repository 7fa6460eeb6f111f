import 'fake-indexeddb/auto';
import { describe, expect, it } from '@jest/globals';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { renderInSession, sentChanges, standInServer, stateOfFile } from '../test/in-session.tsx';
import type { Asked } from '../test/in-session.tsx';
import { PhotoStrip } from './photo-strip.tsx';

const sha = 'ab'.repeat(32);
const photo = {
  id: 'p',
  of: 'wall',
  originalSha256: sha,
  fileSha256: sha,
  widthPixels: 4000,
  heightPixels: 3000,
  takenAt: '2026-04-20T10:15:00',
  takenBy: 'Ada',
  caption: 'From the lane',
};
let asked: Asked[];
const sent = () => sentChanges(asked);
const begin = async (more: object = {}) => {
  asked = standInServer(
    stateOfFile({
      site: { photos: [{ ...photo, ...more }] },
      surfaces: [{ id: 'wall', name: 'Wall', material: 'concrete', size: '4x3', findings: [] }],
    }),
  );
  renderInSession(<PhotoStrip kind="photo" of="wall" what="Wall" surface="wall" />);
  await userEvent.click(await screen.findByRole('button', { name: 'Photo 1 of Wall: From the lane' }));
  return screen.findByRole('dialog');
};
const mode = async (name: string) => userEvent.click(screen.getByText(name, { selector: 'div' }));

describe('a photo', () => {
  it('is shown large with its facts, and deleted with one press', async () => {
    const dialog = await begin();
    expect(within(dialog).getByRole('img', { name: 'From the lane' })).toHaveAttribute(
      'src',
      `/api/v1/photos/${sha}/screen`,
    );
    expect(dialog).toHaveTextContent('2026-04-20, 10:15:00');
    expect(dialog).toHaveTextContent(`SHA-256 ${sha.slice(0, 12)}`);
    await userEvent.click(screen.getByRole('button', { name: 'Delete this photo' }));
    await waitFor(() => {
      expect(sent()).toMatchObject([{ kind: 'photo', entity: 'p', op: 'delete' }]);
    });
  });

  it('that is on another device still says whose', async () => {
    await begin();
    await userEvent.click(screen.getByRole('button', { name: 'Close' }));
    const thumb = screen.getByRole('button', { name: 'Photo 1 of Wall: From the lane' });
    const picture = thumb.querySelector('img');
    if (!picture) throw new Error('a thumb has its picture');
    fireEvent.error(picture);
    expect(thumb).toHaveTextContent('still on the device of Ada');
  });

  it('is marked without the mouse: ringed, moved with the arrows, noted, taken off', async () => {
    await begin();
    await mode('Mark');
    await userEvent.click(screen.getByRole('button', { name: 'Ring the middle' }));
    const handle = await screen.findByRole('button', { name: /^Mark 1, moved/ });
    handle.focus();
    await userEvent.keyboard('{ArrowRight}{Shift>}{ArrowDown}{/Shift}');
    await waitFor(() => {
      expect(sent().at(-1)?.fields).toEqual({
        marks: [{ spot: { x: 0.505, y: 0.55 }, from: null, text: '' }],
      });
    });
    await userEvent.type(screen.getByLabelText('Note 1'), 'rust');
    await userEvent.tab();
    await waitFor(() => {
      expect(sent().at(-1)?.fields).toMatchObject({ marks: [{ text: 'rust' }] });
    });
    await userEvent.click(screen.getByRole('button', { name: 'Take mark 1 off' }));
    await waitFor(() => {
      expect(sent().at(-1)?.fields).toEqual({ marks: [] });
    });
  });

  it('gives the size of its surface by a known length, with its source', async () => {
    await begin();
    await mode('Measure');
    // As it begins: a door of 2 m in the middle of a picture that was taken straight on.
    expect(screen.getByText(/^The door is/)).toHaveTextContent('1.33 m × 2 m, seen straight on');
    await userEvent.clear(screen.getByLabelText('Its height'));
    await userEvent.type(screen.getByLabelText('Its height'), '2.4');
    await userEvent.tab();
    await userEvent.click(await screen.findByRole('button', { name: 'Use it as the size' }));
    await waitFor(() => {
      expect(sent().at(-1)).toMatchObject({
        kind: 'surface',
        fields: { size: '5.6m x 3.6m', sizeSource: 'from a photo, by the door, 2.4 m high' },
      });
    });
  });

  it('on which the corners go criss-cross says so and gives no size', async () => {
    const [a, b, c, d] = [
      { x: 0.1, y: 0.1 },
      { x: 0.9, y: 0.1 },
      { x: 0.9, y: 0.9 },
      { x: 0.1, y: 0.9 },
    ];
    await begin({ face: { corners: [a, c, b, d], known: 'width', metres: 1 } });
    await mode('Measure');
    expect(screen.getByRole('alert')).toHaveTextContent('going round');
    expect(screen.queryByRole('button', { name: 'Use it as the size' })).toBeNull();
  });
});
