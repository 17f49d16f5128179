import type { Part } from '../composition/compose';
import type { DoughStyle } from './targetHydration';

/** A way of making a sheet dough, to start from. */
export interface DoughRecipeStyle {
  readonly id: string;
  readonly name: string;
  /** What it is good for, in a line. */
  readonly says: string;
  /** What goes wrong with it, plainly. */
  readonly pitfall: string;
  /** A recipe on its target; left out for a way of working any recipe. */
  readonly parts?: readonly Part[];
  readonly work: { readonly style: DoughStyle; readonly restMin: number };
}

/** The styles offered. Recipes stand on their own target hydration; a test checks it. */
export const DOUGH_STYLES: readonly DoughRecipeStyle[] = [
  {
    id: 'wholeEgg',
    name: 'Whole egg',
    says: 'Firm, elastic, takes any shape.',
    pitfall: 'Springs back if it is not rested; greys within a day.',
    parts: [
      { id: 'flour-00', g: 300 },
      { id: 'semolina-durum-fine', g: 90 },
      { id: 'egg-whole', g: 200 },
    ],
    work: { style: 'plain', restMin: 30 },
  },
  {
    id: 'yolkRich',
    name: 'Yolk-rich',
    says: 'Golden and tender, for thin small shapes.',
    pitfall: 'Slow to start: stiff and cracked at first, and it stretches less.',
    parts: [
      { id: 'flour-00', g: 400 },
      { id: 'egg-whole', g: 100 },
      { id: 'egg-yolk', g: 136 },
      { id: 'water', g: 3 },
    ],
    work: { style: 'plain', restMin: 45 },
  },
  {
    id: 'waterSemolina',
    name: 'Water and semolina',
    says: 'No egg: chewy, keeps its shape.',
    pitfall: 'Dries fast on the bench and tears thin; roll it a step thicker.',
    parts: [
      { id: 'semolina-durum-fine', g: 250 },
      { id: 'flour-00', g: 150 },
      { id: 'water', g: 201 },
    ],
    work: { style: 'plain', restMin: 30 },
  },
  {
    id: 'wholegrain',
    name: 'Wholegrain or old wheat',
    says: 'For its taste, with white flour to carry it.',
    pitfall: 'Bran drinks slowly and cuts the sheet; old wheats go slack soon.',
    parts: [
      { id: 'flour-bread', g: 200 },
      { id: 'flour-wholemeal', g: 200 },
      { id: 'egg-whole', g: 200 },
      { id: 'water', g: 21 },
    ],
    work: { style: 'plain', restMin: 60 },
  },
  {
    id: 'plantEgg',
    name: 'Plant egg',
    says: 'For a plant diet, handled like whole egg.',
    pitfall: 'Sets softer than egg: a strong flour, and a gentle boil.',
    parts: [
      { id: 'flour-bread', g: 400 },
      { id: 'plant-egg-liquid', g: 212 },
    ],
    work: { style: 'plain', restMin: 30 },
  },
  {
    id: 'coloured',
    name: 'Coloured',
    says: 'Greens, beetroot, tomato or ink for part of the egg.',
    pitfall: 'A purée’s water counts, and differs each time: squeeze it, add it last.',
    parts: [
      { id: 'flour-00', g: 400 },
      { id: 'egg-whole', g: 150 },
      { id: 'spinach-puree', g: 56 },
    ],
    work: { style: 'plain', restMin: 30 },
  },
  {
    id: 'benchFlourFree',
    name: 'No bench flour',
    says: 'Drier, so that it needs no dusting.',
    pitfall: 'Hard to bring together: press, wrap, wait, and it will.',
    work: { style: 'benchFlourFree', restMin: 45 },
  },
  {
    id: 'rolledByPin',
    name: 'Rolled by pin',
    says: 'A little softer, so that arms can roll it.',
    pitfall: 'Too soft tears at the pin: keep it turning, keep it covered.',
    work: { style: 'rolledByPin', restMin: 45 },
  },
];
