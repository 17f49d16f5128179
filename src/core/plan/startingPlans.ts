import { genericRollers } from '../sheet/genericRollers';
import type { FamilyId } from '../shapes/families';
import { parsePlan } from './parsePlan';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from './schema';
import { startingShapes } from './startingShapes';

const WHOLE_EGG_DOUGH = {
  parts: [
    { id: 'flour-00', g: 300 },
    { id: 'semolina-durum-fine', g: 100 },
    { id: 'egg-whole', g: 200 },
  ],
};

const CURD_FILLING = {
  parts: [
    { id: 'ricotta-fresh', g: 500, preparation: 'drain-overnight' },
    { id: 'spinach-raw', g: 400, preparation: 'wilt-squeeze' },
    { id: 'hard-cheese-aged', g: 90 },
    { id: 'salt-fine', g: 6 },
  ],
};

const BRAISE_FILLING = {
  parts: [
    { id: 'beef-shin-raw', g: 700, preparation: 'braise-shred' },
    { id: 'onion-raw', g: 200, preparation: 'sweat-open' },
    { id: 'hard-cheese-aged', g: 60 },
    { id: 'breadcrumbs-dry', g: 30 },
    { id: 'egg-whole', g: 50 },
    { id: 'salt-fine', g: 6 },
  ],
  texture: 'minced',
};

const SQUASH_FILLING = {
  parts: [
    { id: 'squash-raw', g: 900, preparation: 'roast-cubes' },
    { id: 'hard-cheese-aged', g: 90 },
    { id: 'breadcrumbs-dry', g: 40 },
    { id: 'salt-fine', g: 6 },
  ],
};

const [tenStep] = genericRollers;

const start = (name: string, own: Record<string, unknown>): Plan =>
  parsePlan({ format: PLAN_FORMAT, version: PLAN_VERSION, name, ...own });

/** A good plan to start from for each family: it holds as it stands. */
export const startingPlans: Readonly<Record<FamilyId, Plan>> = {
  ravioliSquare: start('Square ravioli', {
    colour: '#d08a3e',
    batch: { portions: 6, piecesPerPortion: 6 },
    dough: WHOLE_EGG_DOUGH,
    filling: SQUASH_FILLING,
    // Two blanks across: rolled to their width, little is trimmed.
    sheet: { roller: tenStep, thicknessMm: startingShapes.ravioliSquare.thicknessMm, widthMm: 120 },
    shape: startingShapes.ravioliSquare.shape,
  }),
  tortelloni: start('Tortelloni', {
    colour: '#7f9d70',
    batch: { portions: 6, piecesPerPortion: 6 },
    dough: WHOLE_EGG_DOUGH,
    filling: CURD_FILLING,
    sheet: { roller: tenStep, thicknessMm: startingShapes.tortelloni.thicknessMm, widthMm: 140 },
    shape: startingShapes.tortelloni.shape,
  }),
  agnolottiPinched: start('Pinched agnolotti', {
    colour: '#8d5a44',
    batch: { portions: 6, piecesPerPortion: 18 },
    dough: WHOLE_EGG_DOUGH,
    filling: BRAISE_FILLING,
    sheet: {
      roller: tenStep,
      thicknessMm: startingShapes.agnolottiPinched.thicknessMm,
      widthMm: 120,
    },
    shape: startingShapes.agnolottiPinched.shape,
  }),
  cappelletti: start('Cappelletti in broth', {
    colour: '#a56b5d',
    serving: 'broth',
    batch: { portions: 6, piecesPerPortion: 20 },
    dough: WHOLE_EGG_DOUGH,
    filling: BRAISE_FILLING,
    sheet: { roller: tenStep, thicknessMm: startingShapes.cappelletti.thicknessMm, widthMm: 140 },
    shape: startingShapes.cappelletti.shape,
  }),
};
