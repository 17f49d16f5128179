import { QUANTITIES } from './quantities';

/** As they were settled on simulated kitchens: a figure moved by accident is noticed here. */
describe('what kitchens differ in', () => {
  it.each([
    ['dosed', 1, 0.04],
    ['thicker', 1, 0.03],
    ['stuck', 0.02, 0.45],
    ['trimFit', 0.85, 0.5],
    ['bowl', 0.03, 0.3],
    ['prepared', 1, 0.06],
    ['water', 0, 0.012],
    ['pace', 1, 0.15],
    ['rest', 1, 0.25],
    ['edge', 1, 0.2],
    ['burst', 0.05, 0.45],
    ['lost', 1, 0.5],
  ] as const)('%s is typically %d, batches %d apart', (id, typical, noise) => {
    expect(QUANTITIES[id]).toMatchObject({ typical, noise });
  });

  it('kitchens differ by more than a batch does from the next, or as much', () => {
    const widths = { trimFit: 0.6, stuck: 0.6, bowl: 0.5, prepared: 0.12, water: 0.015 } as const;
    for (const [id, spread] of Object.entries(widths)) {
      expect(QUANTITIES[id as keyof typeof widths].spread).toBe(spread);
    }
    for (const { spread, noise } of Object.values(QUANTITIES)) {
      expect(spread).toBeGreaterThanOrEqual(noise);
    }
  });
});
