import { FORMULA, withoutQuote } from './csvFormula';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { ALLERGENS } from '../composition/allergens';
import { INGREDIENT_GROUPS, type Ingredient } from '../composition/ingredient';
import ingredients from '../composition/tables/ingredients.json';
import preparations from '../composition/tables/preparations.json';
import {
  allRows,
  kindOfTable,
  readIngredients,
  readPreparations,
  writeIngredients,
  writePreparations,
} from './tablesCsv';

const csv = (name: string) => readFileSync(`data/${name}.csv`, 'utf8');
const percent = (max: number) => fc.integer({ min: 0, max: max * 1000 }).map((n) => n / 1e5);
const anyIngredient: fc.Arbitrary<Ingredient> = fc
  .record({
    id: fc.stringMatching(/^[a-z0-9]{1,12}(-[a-z0-9]{1,8})?$/),
    name: fc
      .string({ minLength: 1, maxLength: 60 })
      .map((name) => name.trim())
      .filter((name) => name.length > 0),
    group: fc.constantFrom(...INGREDIENT_GROUPS),
    water: percent(40),
    protein: percent(20),
    fat: percent(20),
    carbohydrate: percent(20),
    densityGPerMl: fc.integer({ min: 5, max: 250 }).map((n) => n / 100),
    holding: fc.integer({ min: 0, max: 200 }).map((n) => n / 10),
    gluten: percent(100),
    absorption: fc.integer({ min: -50, max: 50 }).map((n) => n / 100),
    allergens: fc.subarray([...ALLERGENS]),
    diet: fc.constantFrom('plant', 'vegetarian', 'fish', 'meat', 'any'),
  })
  .map((row) => ({ ...row, fibre: row.carbohydrate }));

describe('tables', () => {
  it('the JSON the core imports is the CSV that people edit', () => {
    expect(allRows(readIngredients(csv('ingredients')))).toEqual(ingredients);
    expect(allRows(readPreparations(csv('preparations')))).toEqual(preparations);
  });

  it('every preparation is for an ingredient there is', () => {
    const ids = new Set(ingredients.map(({ id }) => id));
    const named = preparations.flatMap(({ appliesTo }) => appliesTo).filter((id) => id !== 'any');
    expect(named.filter((id) => !ids.has(id))).toEqual([]);
  });

  it('come back from CSV as they went in, whatever is in their names', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(anyIngredient, { minLength: 1, maxLength: 12, selector: ({ id }) => id }),
        (rows) => {
          expect(readIngredients(writeIngredients(rows))).toEqual({ rows, problems: [] });
        },
      ),
    );
    const { rows } = readPreparations(csv('preparations'));
    expect(readPreparations(writePreparations(rows))).toEqual({ rows, problems: [] });
  });

  it.each(['=1+1', '@now', '+1-2', '-cmd', "'=1"])(
    'no name becomes a formula in a spreadsheet: %j',
    (name) => {
      const [row] = readIngredients(csv('ingredients')).rows;
      const rows = [{ ...row!, name }];
      const written = writeIngredients(rows);
      expect(written.split(/\n/).join('')).toContain(`'${name}`);
      expect(readIngredients(written)).toEqual({ rows, problems: [] });
    },
  );

  it('numbers below nothing stay numbers', () => {
    expect(FORMULA.test('-0.01')).toBe(false);
    expect(withoutQuote("'quoted' words")).toBe("'quoted' words");
  });

  it('are told apart by their columns', () => {
    expect(kindOfTable(csv('ingredients'))).toBe('ingredients');
    expect(kindOfTable(csv('preparations'))).toBe('preparations');
    expect(kindOfTable('a,b\n1,2\n')).toBeNull();
  });
});

describe('a bad row', () => {
  const lines = csv('ingredients').trim().split('\n').slice(0, 5);
  const withLine = (index: number, change: (line: string) => string) =>
    lines.map((line, i) => (i === index ? change(line) : line)).join('\n');

  it.each([
    ['12.0', '120', 'water', /Water must be a number from 0 to 100, grams in 100 g/],
    ['0.53', 'heavy', 'density_g_per_ml', /Bulk density must be a number from 0\.05 to 2\.5 g\/ml/],
    ['gluten,plant', 'gravel,plant', 'allergens', /Allergen must be one of/],
    [',flour,', ',rubble,', 'group', /Group must be one of/],
    ['12.0,10.3', '60.0,80.0', 'water', /together must be at most 100 %/],
  ])('with %s as %s is named by line and column, the others taken', (from, to, column, message) => {
    const { rows, problems } = readIngredients(withLine(2, (line) => line.replace(from, to)));
    expect(problems[0]).toMatchObject({ line: 3, column });
    expect(problems[0]!.message).toMatch(message);
    expect(rows).toHaveLength(3);
  });

  it('is found on its own line, after empty ones and cells that go over several', () => {
    const [head, one, two] = lines;
    const long = two!.replace(/^([^,]*),([^,]*)/, '$1,"a name\nover\nthree lines"');
    const { rows, problems } = readIngredients(
      [head, '', one, long, '', 'bad,row'].join('\r\n').replace(/\r\nover/, '\nover'),
    );
    expect(rows).toHaveLength(2);
    expect(problems[0]).toMatchObject({ line: 8, column: 'group' });
  });

  it('with a quote left open, or more cells than columns, is bad as a whole and loses no other', () => {
    const [head, one, two, three] = lines;
    const open = readIngredients([head, one, `"${two}`, three].join('\n'));
    expect(open.rows).toHaveLength(1);
    expect(open.problems).toMatchObject([
      { line: 3, message: expect.stringMatching(/quote is not closed/) },
    ]);
    const more = readIngredients([head, `${one},extra`, two].join('\n'));
    expect(more.rows).toHaveLength(1);
    expect(more.problems).toMatchObject([
      { line: 2, message: expect.stringMatching(/15 cells, the table 14/) },
    ]);
    expect(readIngredients([`${head},name`, one].join('\n')).problems).toMatchObject([
      { line: 1, column: 'name', message: 'is there twice' },
    ]);
  });

  it('may be written as spreadsheets of other countries do', () => {
    const semicolons = lines.slice(0, 3).map((line) =>
      line
        .split(',')
        .map((cell) => (cell.includes(';') ? `"${cell}"` : cell))
        .join(';'),
    );
    expect(readIngredients(semicolons.join('\n')).problems).toEqual([]);
  });

  it('that comes twice is named', () => {
    const { rows, problems } = readIngredients([...lines, lines[1]].join('\n'));
    expect(rows).toHaveLength(4);
    expect(problems).toEqual([
      { line: 6, column: 'id', message: '“flour-00” is on line 2 already' },
    ]);
  });

  it('stops a table that must be right as a whole', () => {
    expect(() =>
      allRows(readIngredients(withLine(2, (line) => line.replace('12.0', '120')))),
    ).toThrow(/line 3, water: Water must be a number from 0 to 100/);
  });

  it('or a missing column, or nothing, is named too', () => {
    expect(readIngredients('id,name\nx,y\n').problems).toContainEqual({
      line: 1,
      column: 'water',
      message: 'is a column that must be there',
    });
    expect(readIngredients(`${lines[0]}\n`).problems).toHaveLength(1);
  });
});
