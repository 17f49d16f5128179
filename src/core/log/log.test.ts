import { startingBasis } from '../basis/basis';
import { evaluatePlan } from '../plan/evaluatePlan';
import { firstIssue } from '../plan/document/parsePlan';
import { planWith } from '../testing/plans';
import { compareLog } from './compareLog';
import { logEntrySchema, type LogEntry } from './logEntry';

const entry: LogEntry = {
  id: '5f0a2c1e-8d1f-4c55-9a70-1f6f0a7d9901',
  madeOn: '2026-11-20',
  pieces: 40,
  burst: 2,
  doughLeftG: 10,
  fillingLeftG: 30,
  note: '',
};

describe('logEntrySchema', () => {
  it('takes an entry', () => {
    expect(logEntrySchema.parse(entry)).toEqual(entry);
  });

  it.each([
    [{ burst: 41 }, 'burst', /from 0 to the pieces made \(40\)/],
    [{ pieces: -1 }, 'pieces', /Pieces made must be a whole number from 0 to 20000/],
    [{ doughLeftG: NaN }, 'doughLeftG', /Dough left must be a number from 0 to 100000 g/],
    [{ madeOn: '24/11/2026' }, 'madeOn', /Date must be a day/],
    [{ madeOn: '2026-02-31' }, 'madeOn', /Date must be a day/],
    [{ thicknessMm: 0 }, 'thicknessMm', /Measured thickness must be a number from 0\.2 to 6 mm/],
    [{ id: 'x' }, 'id', /UUID/],
  ])('refuses %j by name', (change, path, message) => {
    const result = logEntrySchema.safeParse({ ...entry, ...change });
    if (result.success) throw new Error('was taken');
    const issue = firstIssue(result.error);
    expect(issue.path).toBe(path);
    expect(issue.message).toMatch(message);
  });
});

describe('compareLog', () => {
  const result = evaluatePlan(planWith(), startingBasis);
  const rows = Object.fromEntries(compareLog(result, entry).map((row) => [row.key, row]));

  it('sets planned beside actual', () => {
    expect(rows.pieces).toMatchObject({ planned: result.pieces, actual: 40 });
    expect(rows.burst).toMatchObject({
      planned: result.breakageShare,
      actual: 0.05,
      unit: 'share',
    });
    // The breakage asked for, not the pieces that it rounds up to.
    const hard = evaluatePlan(
      planWith({ batch: { ...planWith().batch, breakageShare: 0.11 } }),
      startingBasis,
    );
    expect(compareLog(hard, entry).find(({ key }) => key === 'burst')?.planned).toBe(0.11);
  });

  it('finds what a piece truly used from what was left', () => {
    expect(rows.doughPerPiece?.actual).toBeCloseTo((result.dough.totalG - 10) / 40, 9);
    expect(rows.fillingPerPiece?.actual).toBeCloseTo((result.filling.totalG - 30) / 40, 9);
  });

  it('shows measured values only when they were taken', () => {
    expect(rows.thickness).toBeUndefined();
    const measured = compareLog(result, { ...entry, thicknessMm: 0.9, doseG: 8 });
    expect(measured.find(({ key }) => key === 'thickness')).toMatchObject({
      planned: 0.8,
      actual: 0.9,
    });
    expect(measured.find(({ key }) => key === 'dose')).toMatchObject({ planned: 10, actual: 8 });
  });

  it('does not divide by no pieces', () => {
    const none = compareLog(result, { ...entry, pieces: 0, burst: 0 });
    expect(none.every(({ actual }) => Number.isFinite(actual))).toBe(true);
  });
});
