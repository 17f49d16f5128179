import { METRIC, US_CUSTOMARY } from '@/core/units/units';
import { readPreferences } from './preferences';

const asked = { cookies: {} as Record<string, string>, agent: '', language: '' };

jest.mock('next/headers', () => ({
  cookies: () =>
    Promise.resolve({
      get: (name: string) =>
        name in asked.cookies ? { name, value: asked.cookies[name] } : undefined,
    }),
  headers: () =>
    Promise.resolve(new Headers({ 'user-agent': asked.agent, 'accept-language': asked.language })),
}));

const reading = (cookies: Record<string, string> = {}, agent = '', language = '') => {
  Object.assign(asked, { cookies, agent, language });
  return readPreferences();
};

const PHONE = 'Mozilla/5.0 (Linux; Android 14; K) Chrome/140.0.0.0 Mobile Safari/537.36';
const LAPTOP = 'Mozilla/5.0 (X11; Linux x86_64) Chrome/140.0.0.0 Safari/537.36';

describe('what a page is drawn with', () => {
  it('is metric, as the device is lit, with keys, where nothing was ever chosen', async () => {
    expect(await reading()).toEqual({ units: METRIC, theme: 'system', keys: true, view: 'wide' });
  });

  it('is what was chosen', async () => {
    const chosen = {
      units: encodeURIComponent(JSON.stringify(US_CUSTOMARY)),
      theme: 'dark',
      keys: 'off',
    };
    expect(await reading(chosen)).toMatchObject({
      units: US_CUSTOMARY,
      theme: 'dark',
      keys: false,
    });
  });

  it('has the clock of the reader’s language, until another is chosen', async () => {
    const clockOf = async (language: string, units?: object) =>
      (await reading(units ? { units: JSON.stringify(units) } : {}, '', language)).units.clock;
    expect(await clockOf('en-US,en;q=0.9')).toBe('12');
    expect(await clockOf('en-GB')).toBe('24');
    expect(await clockOf('de, en;q=0.5')).toBe('24');
    expect(await clockOf('*')).toBe('24');
    // A choice of units that was kept before there was one of clocks.
    const { clock: _clock, ...before } = US_CUSTOMARY;
    expect(await clockOf('en-GB', before)).toBe('24');
    expect(await clockOf('en-GB', US_CUSTOMARY)).toBe('12');
  });

  it.each([
    ['units=%', { units: '%' }],
    ['units of another shape', { units: '{"mass":"stone"}' }],
    ['a theme there is none of', { theme: 'sepia' }],
    ['a view there is none of', { view: 'wall' }],
  ])('is as ever where a cookie says %s', async (_what, cookies) => {
    expect(await reading(cookies)).toEqual(await reading());
  });

  it('has the room that the last page found, else that of what the browser says it is', async () => {
    expect((await reading({}, PHONE)).view).toBe('phone');
    expect((await reading({}, LAPTOP)).view).toBe('wide');
    expect((await reading({ view: 'wide' }, PHONE)).view).toBe('wide');
    expect((await reading({ view: 'tablet' }, LAPTOP)).view).toBe('tablet');
    expect((await reading({ view: 'phone' }, LAPTOP)).view).toBe('phone');
  });
});
