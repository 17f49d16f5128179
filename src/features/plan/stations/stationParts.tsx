import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import type { StationId } from '@/core/plan/stations';
import { loadWorking } from '@/ui/figure/Figure';
import { after } from '@/ui/layout/after';
import { steadily } from '@/ui/layout/steadily';
import * as count from './count';

/** What a station opens into: what is set, at the left; what follows, under the piece. */
interface StationParts {
  readonly Controls: ComponentType;
  readonly Panel: ComponentType;
}

type Load = () => Promise<StationParts>;

const dough: Load = () => import('./dough');
const filling: Load = () => import('./filling');
const sheet: Load = () => import('./sheet');
const shape: Load = () => import('./shape');
const seal: Load = () => import('./seal');
const boil: Load = () => import('./boil');

const later = (load: Load): StationParts => ({
  Controls: after(() => load().then(({ Controls }) => Controls)),
  Panel: after(() => load().then(({ Panel }) => Panel)),
});

/** Stations opened once the page stands; how many is asked at once, the others are fetched after the page. */
export const laterStations: Record<StationId, StationParts> = {
  count,
  dough: later(dough),
  filling: later(filling),
  sheet: later(sheet),
  shape: later(shape),
  seal: later(seal),
  boil: later(boil),
};

/**
 * The station that a page opens at. It comes with the page and stands in it from the first drawing on: nothing waits
 * in its place meanwhile, to be pushed away by it. Written out, as the build looks for what a page needs ahead here.
 */
export const firstStation: Record<StationId, StationParts> = {
  count,
  dough: {
    Controls: dynamic(() => steadily(() => import('./dough')).then((parts) => parts.Controls)),
    Panel: dynamic(() => steadily(() => import('./dough')).then((parts) => parts.Panel)),
  },
  filling: {
    Controls: dynamic(() => steadily(() => import('./filling')).then((parts) => parts.Controls)),
    Panel: dynamic(() => steadily(() => import('./filling')).then((parts) => parts.Panel)),
  },
  sheet: {
    Controls: dynamic(() => steadily(() => import('./sheet')).then((parts) => parts.Controls)),
    Panel: dynamic(() => steadily(() => import('./sheet')).then((parts) => parts.Panel)),
  },
  shape: {
    Controls: dynamic(() => steadily(() => import('./shape')).then((parts) => parts.Controls)),
    Panel: dynamic(() => steadily(() => import('./shape')).then((parts) => parts.Panel)),
  },
  seal: {
    Controls: dynamic(() => steadily(() => import('./seal')).then((parts) => parts.Controls)),
    Panel: dynamic(() => steadily(() => import('./seal')).then((parts) => parts.Panel)),
  },
  boil: {
    Controls: dynamic(() => steadily(() => import('./boil')).then((parts) => parts.Controls)),
    Panel: dynamic(() => steadily(() => import('./boil')).then((parts) => parts.Panel)),
  },
};

/** Fetches the stations that are not open, so that they open at once and without a line. */
export const fetchStations = (): void =>
  [dough, filling, sheet, shape, seal, boil, loadWorking].forEach(
    (load) => void steadily<unknown>(load),
  );
