import { readFileSync } from 'node:fs';
import ingredients from '../composition/tables/ingredients.json';
import preparations from '../composition/tables/preparations.json';
import { ingredientRowsFromCsv, preparationRowsFromCsv } from './tablesCsv';

const csv = (name: string) => readFileSync(`data/${name}.csv`, 'utf8');

describe('tables', () => {
  it('the JSON the core imports is the CSV that people edit', () => {
    expect(ingredientRowsFromCsv(csv('ingredients'))).toEqual(ingredients);
    expect(preparationRowsFromCsv(csv('preparations'))).toEqual(preparations);
  });

  it('every preparation is for an ingredient there is', () => {
    const ids = new Set(ingredients.map(({ id }) => id));
    const named = preparations.flatMap(({ appliesTo }) => appliesTo).filter((id) => id !== 'any');
    expect(named.filter((id) => !ids.has(id))).toEqual([]);
  });

  it('names line and column of a bad figure', () => {
    const lines = csv('ingredients').split('\n');
    lines[2] = lines[2]!.replace('12.0', '120');
    expect(() => ingredientRowsFromCsv(lines.join('\n'))).toThrow(
      /line 3, water must be a number from 0 to 100/,
    );
  });
});
