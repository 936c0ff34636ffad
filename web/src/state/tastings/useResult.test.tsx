import { renderHook, waitFor } from '@testing-library/react';
import type { TastingDocument } from '@omniarton/core/taste';
import { useResult } from './useResult';

/** A worker whose last word on its progress comes after its result: they go through ports of their own. */
jest.mock('../engine/engine', () => ({
  askSlow: (question: (engine: object) => Promise<unknown>) =>
    question({
      tastingResult: (_: unknown, onProgress: (done: number) => void) => {
        setTimeout(() => onProgress(1), 20);
        return Promise.resolve({ kind: 'none' });
      },
    }),
}));

describe('the result of a tasting', () => {
  it('stays, though word of its progress comes late', async () => {
    const doc = { samples: [] } as unknown as TastingDocument;
    const { result } = renderHook(() => useResult(doc));
    await waitFor(() => expect(result.current.kind).toBe('counted'));
    await new Promise((done) => setTimeout(done, 60));
    expect(result.current).toEqual({ kind: 'counted', result: { kind: 'none' } });
  });
});
