'use client';

import { useEffect, type ComponentType } from 'react';
import { Figure } from '@/ui/figure/Figure';
import { later } from '@/ui/layout/later';
import { steadily } from '@/ui/layout/steadily';
import { Tabs } from '@/ui/layout/Tabs';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEditor } from '../../editor/EditorContext';
import { BandScale } from '../BandScale';
import { WeighOut } from './WeighOut';

/** Leaves that are not open at first come after the station, each tried for until it is there. */
const LOADS = {
  HowItRolls: () => import('./HowItRolls'),
  MixAndRest: () => import('./MixAndRest'),
  UnderHand: () => import('./UnderHand'),
  WholeEggs: () => import('./WholeEggs'),
};

const leaf = (load: () => Promise<{ default: ComponentType }>) =>
  later(() => steadily(load), 'Fetching…');

const HowItRolls = leaf(LOADS.HowItRolls);
const MixAndRest = leaf(LOADS.MixAndRest);
const UnderHand = leaf(LOADS.UnderHand);
const WholeEggs = leaf(LOADS.WholeEggs);

/** What follows at the dough: its water against its band, then one leaf at a time. */
export function DoughPanel() {
  useEffect(() => Object.values(LOADS).forEach((load) => void steadily<unknown>(load)), []);
  const { plan } = useEditor();
  const made = plan.dough.corrections.length;
  return (
    <div className="grid gap-4">
      <Hydration />
      <Tabs
        label="Dough"
        tabs={[
          { id: 'weigh', label: 'Weigh out', content: <WeighOut /> },
          { id: 'eggs', label: 'Whole eggs', content: <WholeEggs /> },
          {
            id: 'hand',
            label: made ? `Under the hand (${made})` : 'Under the hand',
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
  const { result } = useEditor();
  const { text } = useUnits();
  const { dough: d, working } = result;
  const off = d.hydration - d.target;
  const inBand = d.hydration >= d.low && d.hydration <= d.high;
  const verdict = inBand
    ? 'in its band'
    : off < 0
      ? `dry: add ${text(d.addWaterG, 'g')} water`
      : `wet: add ${text(d.addFlourG, 'g')} flour`;
  return (
    <div>
      <BandScale
        working={working.hydration}
        says={verdict}
        unit="share"
        zones={[
          { from: d.target - 0.1, to: d.low, name: 'dry', fill: 'transparent' },
          {
            from: d.low,
            to: d.high,
            name: `${text(d.low, 'share')} to ${text(d.high, 'share')}`,
            fill: 'var(--band)',
          },
          { from: d.high, to: d.target + 0.1, name: 'wet', fill: 'transparent' },
        ]}
      />
      <p>
        Target{' '}
        <b>
          <Figure working={working.hydrationTarget}>{text(d.target, 'share')}</Figure>
        </b>
        , an estimate. Exactly on it:{' '}
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
        , fat <Figure working={working.fat}>{text(d.makeup.fatShare, 'share')}</Figure>; strength{' '}
        <Figure working={working.strength}>{text(d.strengthKPa, 'kPa')}</Figure>, stretch{' '}
        <Figure working={working.stretch}>{text(d.stretch, 'share')}</Figure>, springs back{' '}
        <Figure working={working.springBack}>{text(d.springBack, 'share')}</Figure>, ready{' '}
        <Figure working={working.readiness}>{text(d.ready.readiness, 'share')}</Figure>
      </p>
    </div>
  );
}

const correction = (g: number, what: string, text: (v: number, u: 'g') => string): string =>
  Math.abs(g) < 0.5
    ? `no more ${what}`
    : g > 0
      ? `${text(g, 'g')} more ${what}`
      : `${text(-g, 'g')} less ${what}`;
