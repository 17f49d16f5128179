/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { planWith } from '@/core/testing/plans';
import { standInForScreen } from '@/ui/testing/standIns';
import { atPlan } from '../testing/atPlan';
import { FillInTime } from './sheet/FillInTime';
import { LadderPanel } from './sheet/LadderPanel';
import { SheetControls } from './sheet/SheetControls';
import { TrimAndDust } from './sheet/TrimAndDust';

beforeAll(standInForScreen);

const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const choose = (name: string) => userEvent.click(screen.getByRole('radio', { name }));
const open = (title: string) => userEvent.click(screen.getByText(title));

describe('the sheet as it is set', () => {
  it('is held in a dead heat once it is set by hand', async () => {
    const at = await atPlan(<SheetControls />, {
      plan: planWith({
        batch: {
          wayIn: 'both',
          doughInHandG: 500,
          fillingInHandG: 500,
          mayChange: { dose: true, thickness: true, size: false },
        },
      }),
    });
    screen.getByRole('slider', { name: /Thickness/ }).focus();
    await userEvent.keyboard('{ArrowRight}');
    expect(at.plan().batch.mayChange.thickness).toBe(false);
  });

  it('tells what is folded away as it is set: passes, hands, dust', async () => {
    const at = await atPlan(<SheetControls />);
    await open('How it is rolled');
    await choose('Fast');
    expect(at.plan().sheet.speed).toBe('fast');
    await open('Hands and air');
    const before = at.result().sheet.fill.openMin;
    await choose('A fan');
    expect(at.result().sheet.fill.openMin).toBeLessThan(before);
    await open('Dust and trim');
    await choose('Never');
    expect(at.plan().batch.rerolls).toBe(0);
    await choose('Thrown out');
    expect(at.plan().batch.trimTo).toBe('waste');
  });
});

describe('the passes', () => {
  const region = () => screen.getByRole('region', { name: 'Passes' });

  it('are a row each, thinning down to where it stops', async () => {
    const at = await atPlan(<LadderPanel />);
    const rows = within(region()).getAllByRole('row').slice(1);
    const { rungs } = at.result().ladder;
    expect(rows).toHaveLength(rungs.length);
    rungs
      .slice(1)
      .forEach(({ thicknessMm }, i) =>
        expect(thicknessMm).toBeLessThanOrEqual(rungs[i]!.thicknessMm),
      );
    expect(rows.at(-1)).toHaveTextContent('stop');
    expect(region()).toHaveTextContent(`stop at dial ${rungs.at(-1)!.label}`);
    expect(region()).toHaveTextContent(/Fingers, hair and sleeves away from powered rollers/);
  });

  it('say where they may tear: a dough that stretches little, every other setting skipped', async () => {
    const at = await atPlan(<LadderPanel />, {
      plan: planWith({
        dough: {
          parts: [
            { id: 'flour-00', g: 400 },
            { id: 'water', g: 130 },
          ],
          work: { ...planWith().dough.work, kneadMin: 1, restMin: 0 },
        },
        sheet: { passes: 'skip' },
      }),
    });
    const torn = at.result().ladder.rungs.filter(({ mayTear }) => mayTear);
    expect(torn.length).toBeGreaterThan(0);
    expect(region()).toHaveTextContent(/it may tear\. Take every setting/);
    expect(within(region()).getAllByText(/▲ may tear/).length).toBeGreaterThan(0);
  });
});

describe('filling it in time', () => {
  const slow = () =>
    planWith({ sheet: { secondsPerPiece: 60, rh: 0.2, air: 'fan', people: 1, benchMm: 1500 } });

  it('says that there is time enough, and for how many', async () => {
    const at = await atPlan(<FillInTime />, {
      plan: planWith({ sheet: { secondsPerPiece: 2, rh: 0.8 } }),
    });
    expect(at.result().sheet.fill.margin).toBeGreaterThan(1);
    expect(screen.getByText('Time enough')).toBeVisible();
    expect(screen.queryByRole('button', { name: /pairs of hands/ })).toBeNull();
  });

  it('says that it dries first, and offers another pair of hands', async () => {
    const at = await atPlan(<FillInTime />, { plan: slow() });
    expect(screen.getByText(/It dries before it is filled/)).toBeVisible();
    await press('2 pairs of hands');
    expect(at.plan().sheet.people).toBe(2);
  });

  it('offers sheets as short as can be filled, and they are', async () => {
    const at = await atPlan(<FillInTime />, {
      plan: planWith({ sheet: { secondsPerPiece: 40, rh: 0.4, people: 1, benchMm: 1500 } }),
    });
    const before = at.result().layout.pieces;
    const { piecesAtATime } = at.result().sheet.fill;
    expect(piecesAtATime).toBeLessThan(before);
    await press(/^Sheets of at most/);
    expect(at.plan().sheet.benchMm).toBeLessThan(1500);
    expect(at.result().layout.pieces).toBeLessThanOrEqual(piecesAtATime);
  });
});

describe('trim and dust', () => {
  it('tells of every rolling, and what is left of it', async () => {
    const at = await atPlan(<TrimAndDust />, { plan: planWith({ batch: { rerolls: 2 } }) });
    const trim = screen.getByRole('region', { name: 'Trim' });
    const rows = within(trim).getAllByRole('row').slice(1);
    const { rollings } = at.result().layout;
    expect(rows).toHaveLength(rollings.length);
    expect(rows[0]).toHaveTextContent('The dough');
    if (rollings.length > 1)
      expect(trim).toHaveTextContent(/rests .* rolled at once it draws back/);
  });

  it('is thrown out where that is wanted', async () => {
    await atPlan(<TrimAndDust />, { plan: planWith({ batch: { trimTo: 'waste' } }) });
    expect(screen.getByRole('region', { name: 'Trim' })).toHaveTextContent('is thrown out');
  });

  it('says what too much flour on the bench does', async () => {
    const at = await atPlan(<TrimAndDust />, {
      plan: planWith({ sheet: { dust: { kind: 'fine', gPerKg: 120 } } }),
    });
    const dust = screen.getByRole('region', { name: 'Dust' });
    const { dust: told } = at.result().sheet;
    expect(told.hydration).toBeLessThan(at.result().dough.hydration);
    expect(dust).toHaveTextContent(/Less of it, or coarse semolina instead/);
  });

  it('says nothing of dust where there is none', async () => {
    await atPlan(<TrimAndDust />, {
      plan: planWith({ sheet: { dust: { kind: 'none', gPerKg: 0 } } }),
    });
    expect(screen.getByRole('region', { name: 'Dust' })).not.toHaveTextContent(
      'on the bench, of which',
    );
  });
});
