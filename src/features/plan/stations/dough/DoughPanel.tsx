'use client';

import { useEffect } from 'react';
import type { DoughFeel } from '@/core/dough/targetHydration';
import { Figure } from '@/ui/figure/Figure';
import { laterLeaf } from '@/ui/layout/later';
import { steadily } from '@/ui/layout/steadily';
import { Tabs } from '@/ui/layout/Tabs';
import { useUnits } from '@/ui/units/UnitsContext';
import { useResult, useShown } from '../../editor/EditorContext';
import { BandScale } from '../BandScale';
import { WeighOut } from './WeighOut';
import { strengthWords } from '../../plainWords';

/** Leaves that are not open at first come after the station, each tried for until it is there. */
const LOADS = {
  HowItRolls: () => import('./HowItRolls'),
  MixAndRest: () => import('./MixAndRest'),
  UnderHand: () => import('./UnderHand'),
  WholeEggs: () => import('./WholeEggs'),
};

const HowItRolls = laterLeaf(LOADS.HowItRolls);
const MixAndRest = laterLeaf(LOADS.MixAndRest);
const UnderHand = laterLeaf(LOADS.UnderHand);
const WholeEggs = laterLeaf(LOADS.WholeEggs);

/** What follows at the dough: its water against its band, then one leaf at a time. */
export function DoughPanel() {
  useEffect(() => Object.values(LOADS).forEach((load) => void steadily<unknown>(load)), []);
  return (
    <div className="grid gap-4">
      <Hydration />
      <Tabs
        name="dough"
        label="Dough"
        tabs={[
          { id: 'weigh', label: 'Weigh out', content: <WeighOut /> },
          { id: 'eggs', label: 'Whole eggs', content: <WholeEggs /> },
          {
            id: 'hand',
            label: 'How the dough feels',
            content: <UnderHand />,
          },
          { id: 'rolls', label: 'How it rolls', content: <HowItRolls /> },
          { id: 'rest', label: 'Mix and rest', content: <MixAndRest /> },
        ]}
      />
    </div>
  );
}

function Hydration() {
  const { result } = useShown();
  const { text } = useUnits();
  const { dough: d, working } = result;
  const [from, to] = d.now.asItShouldBe;
  return (
    <div>
      <BandScale
        working={working.hydration}
        says={DOUGH_FEELS[d.feel].name}
        unit="share"
        zones={[
          { from: d.low - 0.04, to: d.low, name: 'dry', fill: 'transparent' },
          { from: d.low, to: from, name: 'stiff', fill: 'var(--band-soft)' },
          { from, to, name: 'on target', fill: 'var(--band)' },
          { from: to, to: d.high, name: 'soft', fill: 'var(--band-soft)' },
          { from: d.high, to: d.high + 0.04, name: 'wet', fill: 'transparent' },
        ]}
      />
      <p>
        {DOUGH_FEELS[d.feel].says} <MendDough />
      </p>
      <p className="mt-1">
        On target from <b>{text(from, 'share')}</b> to <b>{text(to, 'share')}</b>, workable from{' '}
        {text(d.low, 'share')} to {text(d.high, 'share')}; target{' '}
        <Figure working={working.hydrationTarget}>{text(d.target, 'share')}</Figure>, an estimate.
        Exactly on it:{' '}
        <Figure working={working.addWater}>{correction(d.addWaterG, 'water', text)}</Figure>, or{' '}
        <Figure working={working.addFlour}>{correction(d.addFlourG, 'flour', text)}</Figure>.
      </p>
      <p className="text-small text-ink-dim">
        Gluten <Figure working={working.gluten}>{text(working.gluten.value, 'share')}</Figure> of a
        wheat sheet
        {d.makeup.yolkShare !== null && (
          <>
            , yolk <Figure working={working.yolk}>{text(d.makeup.yolkShare, 'share')}</Figure> of
            the egg
          </>
        )}
        , fat <Figure working={working.fat}>{text(d.makeup.fatShare, 'share')}</Figure>; the sheet
        is <Figure working={working.strength}>{strengthWords(d.strengthKPa)}</Figure>, stretch{' '}
        <Figure working={working.stretch}>{text(d.stretch, 'share')}</Figure>, springs back{' '}
        <Figure working={working.springBack}>{text(d.springBack, 'share')}</Figure>, ready{' '}
        <Figure working={working.readiness}>{text(d.ready.readiness, 'share')}</Figure>
      </p>
    </div>
  );
}

/** What a dough that is stiff or soft, dry or wet wants: schools within the band, mending only outside it. */
const DOUGH_FEELS: Readonly<Record<DoughFeel, { name: string; says: string }>> = {
  dry: { name: 'dry', says: 'It will crack at the fold.' },
  stiff: {
    name: 'stiff',
    says: 'One school rolls it so: rest it longer, be patient, and it needs no dust.',
  },
  'on target': { name: 'on target', says: 'It will roll without dust or drops.' },
  soft: {
    name: 'soft',
    says: 'One school rolls it so: dust the bench lightly and keep a light hand.',
  },
  wet: { name: 'wet', says: 'It will stick to the hand and the roller.' },
};

/** What leads it back to the nearest edge of “on target”; only outside the band. */
function MendDough() {
  const dough = useResult((result) => result.dough);
  const { text } = useUnits();
  const { feel, mend, pinches } = dough;
  if (feel === 'dry') {
    return <b>Work in {text(mend.waterG, 'g')} of water, by wet hands, a little at a time.</b>;
  }
  if (feel !== 'wet') return null;
  if (mend.leaveOutG > 0.5) {
    return (
      <b>
        {pinches.totalG > 0.5
          ? `There is ${text(pinches.totalG, 'g')} of flour left to knead in; beyond that, `
          : 'There is no flour left to knead in: '}
        leave out {text(mend.leaveOutG, 'g')} of the egg or water.
      </b>
    );
  }
  return (
    <b>
      Knead in flour by pinches until it no longer sticks: about {text(pinches.totalG, 'g')},{' '}
      {pinches.count} {pinches.count === 1 ? 'pinch' : 'pinches'} of {text(pinches.eachG, 'g')}.
    </b>
  );
}

const correction = (g: number, what: string, text: (v: number, u: 'g') => string): string =>
  Math.abs(g) < 0.5
    ? `no more ${what}`
    : g > 0
      ? `${text(g, 'g')} more ${what}`
      : `${text(-g, 'g')} less ${what}`;
