/** Turns data/*.csv, the tables people edit, into the JSON the core imports. Run: npm run tables */
import { readFileSync, writeFileSync } from 'node:fs';
import { allRows, readIngredients, readPreparations } from '../src/core/formats/tablesCsv';

const write = (name: string, rows: readonly unknown[]) =>
  writeFileSync(
    `src/core/composition/tables/${name}.json`,
    `[\n${rows.map((row) => `  ${JSON.stringify(row)}`).join(',\n')}\n]\n`,
  );

write('ingredients', allRows(readIngredients(readFileSync('data/ingredients.csv', 'utf8'))));
write('preparations', allRows(readPreparations(readFileSync('data/preparations.csv', 'utf8'))));
