'use client';

import { useEffect } from 'react';
import { startingRules } from '@/core/basis/rules';
import { Figure } from '@/ui/figure/Figure';
import { StateMark } from '@/ui/figure/StateMark';
import { laterLeaf } from '@/ui/layout/later';
import { steadily } from '@/ui/layout/steadily';
import { Tabs } from '@/ui/layout/Tabs';
import { useUnits } from '@/ui/units/UnitsContext';
import { stiffnessWords } from '../../plainWords';
import { useShown } from '../../editor/EditorContext';
import { BandScale } from '../BandScale';
import { WeighFilling } from './WeighFilling';

/** Leaves that are not open at first come after the station, each tried for until it is there. */
const LOADS = {
  DoseAndBowl: () => import('./DoseAndBowl'),
  FillingSafety: () => import('./FillingSafety'),
  HomeTests: () => import('./HomeTests'),
  MakeItRight: () => import('./MakeItRight'),
};

const DoseAndBowl = laterLeaf(LOADS.DoseAndBowl);
const FillingSafety = laterLeaf(LOADS.FillingSafety);
const HomeTests = laterLeaf(LOADS.HomeTests);
const MakeItRight = laterLeaf(LOADS.MakeItRight);

/** What follows at the filling: its free water and how it behaves, then one leaf at a time. */
export function FillingPanel() {
  useEffect(() => Object.values(LOADS).forEach((load) => void steadily<unknown>(load)), []);
  return (
    <div className="grid gap-4">
      <FreeWater />
      <Tabs
        name="filling"
        label="Filling"
        tabs={[
          { id: 'weigh', label: 'Weigh out', content: <WeighFilling /> },
          { id: 'right', label: 'Make it right', content: <MakeItRight /> },
          { id: 'tests', label: 'Home tests', content: <HomeTests /> },
          { id: 'dose', label: 'Dose and bowl', content: <DoseAndBowl /> },
          { id: 'safety', label: 'Safety', content: <FillingSafety /> },
        ]}
      />
    </div>
  );
}

const STANDS = { stands: 'holds', settles: 'edge', runs: 'fails' } as const;

const PIPES = {
  pipes: 'Pipes',
  'lumps block it': 'Too coarse to pipe',
  'runs from it': 'Too loose to pipe',
  'too stiff for it': 'Too stiff to pipe',
} as const;

function FreeWater() {
  const { plan, tested, result } = useShown();
  const { text } = useUnits();
  const { filling: f, working } = result;
  const [firm, workable, wet] = (['firm', 'workable', 'wet'] as const).map(
    (grade) => startingRules[`filling.free.${grade}`].value,
  ) as [number, number, number];
  const says = {
    stands: 'Stands as it is laid',
    settles: 'Settles a little',
    runs: 'Runs, and will not stand',
  }[f.standing];
  const from = {
    spoon: 'by your spoon test',
    measured: 'measured',
    rule: 'an estimate',
  }[f.stiffnessFrom];
  return (
    <div>
      <BandScale
        working={working.freeWater}
        says={`${f.grade}${tested.filling.towelTest ? ', by your towel test' : ''}`}
        unit="share"
        zones={[
          { from: 0, to: firm, name: 'firm', fill: 'var(--band)' },
          { from: firm, to: workable, name: 'workable', fill: 'var(--band)' },
          { from: workable, to: wet, name: 'wet', fill: 'transparent' },
          { from: wet, to: 0.16, name: 'will seep', fill: 'transparent' },
        ]}
      />
      <p className="mt-1">
        <StateMark state={STANDS[f.standing]} /> {says}
        {f.standing === 'stands' ? (
          <>, {text(2 * f.laidMm, 'mm')} across. </>
        ) : (
          <>
            : laid {text(2 * f.laidMm, 'mm')} across, a dose settles to{' '}
            <Figure working={working.settled}>{text(2 * f.settledMm, 'mm')}</Figure>.{' '}
          </>
        )}
        <StateMark state={f.piping === 'pipes' ? 'holds' : 'edge'} /> {PIPES[f.piping]}
        {f.piping === 'pipes' && ` through ${text(plan.filling.tipMm, 'mm')}`}.
      </p>
      <p className="text-small text-ink-dim">
        Stiffness <Figure working={working.stiffness}>{stiffnessWords(f.yieldStressPa)}</Figure> (
        {from}
        ), density <Figure working={working.density}>{text(f.densityGPerMl, 'gPerMl')}</Figure>, fat{' '}
        <Figure working={working.fillingFat}>{text(f.fatShare, 'share')}</Figure>, salt{' '}
        <Figure working={working.fillingSalt}>{text(f.saltShare, 'share')}</Figure>, lumps to{' '}
        {text(f.lumpMm, 'mm')}
      </p>
    </div>
  );
}
