/** Contents of one egg without its shell, g. */
export interface EggContents {
  /** The whole of it. */
  readonly eggG: number;
  /** Its yolk. */
  readonly yolkG: number;
}

export interface EggSize extends EggContents {
  readonly id: string;
  readonly name: string;
}

const grades = (system: string, rows: readonly [name: string, eggG: number, yolkG: number][]) =>
  rows.map(([name, eggG, yolkG]): EggSize => ({
    id: `${system}-${name.toLowerCase().replaceAll(' ', '-')}`,
    name,
    eggG,
    yolkG,
  }));

/** Two common systems of grading eggs. Table: typical contents, to be replaced by a weighed egg. */
export const EGG_SYSTEMS: readonly { readonly name: string; readonly sizes: readonly EggSize[] }[] =
  [
    {
      name: 'Grades from 42 g',
      sizes: grades('from-42', [
        ['Small', 42, 15],
        ['Medium', 50, 17],
        ['Large', 58, 19],
        ['Extra large', 66, 21],
      ]),
    },
    {
      name: 'Grades from 44 g',
      sizes: grades('from-44', [
        ['Medium', 44, 16],
        ['Large', 50, 18],
        ['Extra large', 56, 19],
        ['Jumbo', 63, 20],
      ]),
    },
  ];

/**
 * The grade that an egg's contents are; null when it was weighed.
 * @example eggSizeOf({ eggG: 58, yolkG: 19 })?.name // 'Large'
 */
export const eggSizeOf = ({ eggG, yolkG }: EggContents): EggSize | null =>
  EGG_SYSTEMS.flatMap(({ sizes }) => sizes).find(
    (size) => size.eggG === eggG && size.yolkG === yolkG,
  ) ?? null;

/** Every grade of both systems, each under its own. */
export const EGG_GRADES: readonly (EggSize & { readonly system: string })[] = EGG_SYSTEMS.flatMap(
  ({ name: system, sizes }) => sizes.map((size) => ({ ...size, system })),
);
