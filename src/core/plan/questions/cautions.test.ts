import { startingPantry } from '../../composition/pantry';
import { planWith } from '../../testing/plans';
import { cautionsFor } from './cautions';

const water = [
  { id: 'semolina-durum-fine', g: 400 },
  { id: 'water', g: 196 },
];
const says = (change: Parameters<typeof planWith>[0]) =>
  cautionsFor(planWith(change), startingPantry).join(' ');
const plain = {
  dough: { parts: water },
  filling: { parts: [{ id: 'tofu-firm', g: 300, preparation: 'drain-sieve' }] },
};

describe('cautions', () => {
  it('always name raw flour, the two hours, allergens, rollers, blades, steam, and whose rules come first', () => {
    const text = says(plain);
    for (const word of [
      'raw flour',
      '2 hours',
      'allergens',
      'away from the rollers',
      'Knives',
      'scald',
      'local food codes',
    ]) {
      expect(text).toContain(word);
    }
    expect(text).not.toContain('raw egg');
    expect(text).not.toContain('Foraged');
  });

  it('warn of what rolls the sheet: a pin takes no fingers', () => {
    const rolledBy = (drive: 'powered' | 'pin') =>
      says({
        ...plain,
        sheet: { ...planWith().sheet, roller: { ...planWith().sheet.roller, drive } },
      });
    expect(rolledBy('powered')).toContain('powered rollers: switch off');
    expect(rolledBy('pin')).not.toMatch(/rollers\. Knives|powered/);
    expect(rolledBy('pin')).toContain('Knives');
  });

  it('warn of raw egg where there is any, in dough, filling or seal', () => {
    expect(says({})).toContain('raw egg');
    expect(
      says({
        ...plain,
        filling: {
          parts: [...plain.filling.parts, { id: 'egg-whole', g: 40, preparation: 'raw' }],
        },
      }),
    ).toContain('raw egg');
    expect(
      says({
        ...plain,
        hold: { medium: 'eggWhite', air: 'middle', phases: [{ place: 'fridge', minutes: 60 }] },
      }),
    ).toContain('raw egg');
  });

  it('warn of hot filling where something is cooked, and of meat and fish', () => {
    expect(says(plain)).not.toContain('Cool hot filling');
    expect(
      says({
        ...plain,
        filling: { parts: [{ id: 'squash-raw', g: 300, preparation: 'roast-cubes' }] },
      }),
    ).toContain('Cool hot filling');
    expect(
      says({
        ...plain,
        filling: { parts: [{ id: 'beef-shin-raw', g: 300, preparation: 'braise-shred' }] },
      }),
    ).toContain('Cool hot filling');
  });

  it('ask of foraged plants that they be surely known, and for gloves', () => {
    const nettles = { parts: [{ id: 'nettle-raw', g: 300, preparation: 'wilt-squeeze' }] };
    expect(says({ ...plain, filling: nettles })).toMatch(/surely identified; gloves/);
  });
});
