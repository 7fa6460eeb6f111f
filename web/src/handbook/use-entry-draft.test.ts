import { describe, expect, it } from '@jest/globals';
import { act, renderHook } from '@testing-library/react';
import { useEntryDraft } from './use-entry-draft.ts';

const LOT = { left: 10, place: 'yard', lot: 'W-1' };

describe('the draft of an entry', () => {
  it('follows what another writes in all that is not touched here, and keeps what is', () => {
    const { result, rerender } = renderHook(({ stored }) => useEntryDraft(stored), {
      initialProps: { stored: LOT },
    });
    act(() => {
      result.current.set({ place: 'shed' });
    });
    expect(result.current.draft).toEqual({ ...LOT, place: 'shed' });
    // Something was used of it meanwhile: the form does not put it back.
    rerender({ stored: { ...LOT, left: 7.5, place: 'container' } });
    expect(result.current.draft).toEqual({ left: 7.5, place: 'shed', lot: 'W-1' });
  });

  it('shows the entry as it is stored once its changes are saved', () => {
    const { result, rerender } = renderHook(({ stored }) => useEntryDraft(stored), {
      initialProps: { stored: LOT },
    });
    act(() => {
      result.current.set({ left: 9 });
      result.current.set({ lot: 'W-2' });
    });
    rerender({ stored: { ...LOT, left: 9, lot: 'W-2' } });
    act(() => {
      result.current.settle();
    });
    rerender({ stored: { ...LOT, left: 4, lot: 'W-2' } });
    expect(result.current.draft).toEqual({ left: 4, place: 'yard', lot: 'W-2' });
  });
});
