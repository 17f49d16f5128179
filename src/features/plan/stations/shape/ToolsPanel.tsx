'use client';

import { cutterForm, cuttersFor } from '@/core/kitchen/cuttersFor';
import { Link } from '@/ui/layout/Link';
import { planFigures } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { stateOfMargin } from '@/core/basis/state';
import { familyOf } from '@/core/shapes/families';
import { FINISH_NAMES } from '@/core/shapes/finish';
import { lipText } from '@/ui/figure/lipText';
import { StateMark } from '@/ui/figure/StateMark';
import { useUnits } from '@/ui/units/UnitsContext';
import { useEdit, useShown, useWorld } from '../../editor/EditorContext';
import { isMould, isWheel, withCutter, withMould, withWheel } from './tools';
import { TakeButton } from '@/ui/buttons/TakeButton';

interface Tool {
  readonly name: string;
  readonly says: string;
  readonly inUse: boolean;
  readonly plan: Plan;
}

/** The kitchen's own cutters, stamps, wheels and moulds for this shape, and which suit the dose. */
export function ToolsPanel() {
  const { plan, tested, result } = useShown();
  const { edit } = useEdit();
  const { kitchen, basis } = useWorld();
  const { text } = useUnits();
  const family = familyOf(plan.shape.family);
  const tools: Tool[] =
    family.id === 'mouldedRavioli'
      ? kitchen.moulds.map((mould) => ({
          name: mould.name,
          says: `${mould.rows} × ${mould.columns}, ${text(mould.pitchMm, 'mm')} apart`,
          inUse: isMould(plan.shape, mould),
          plan: withMould(plan, mould),
        }))
      : cuttersFor(plan, kitchen.cutters).map((cutter) => ({
          name: cutter.name,
          says: `${text(cutter.mm, 'mm')}${cutter.edge === 'fluted' ? ', fluted' : ''}`,
          inUse: cutter.mm === plan.shape.sizeMm,
          plan: withCutter(plan, cutter),
        }));
  const wheels: Tool[] =
    family.finishes.includes('wheel') && family.id !== 'mouldedRavioli'
      ? kitchen.cutters
          .filter(({ form }) => form === 'wheel')
          .map((wheel) => ({
            name: wheel.name,
            says: `to any size${wheel.edge === 'fluted' ? ', fluted' : ''}`,
            inUse: isWheel(plan.shape, wheel),
            plan: withWheel(plan, wheel),
          }))
      : [];
  const fits = [...tools, ...wheels].filter((tool) => {
    const { minMm, maxMm } = family.dimensions[0] ?? { minMm: 0, maxMm: 1000 };
    return tool.plan.shape.sizeMm >= minMm && tool.plan.shape.sizeMm <= maxMm;
  });
  return (
    <section aria-label="Tools" className="grid gap-3">
      <h3>Which of your tools suit {text(plan.shape.doseG, 'g')}</h3>
      {fits.length === 0 ? (
        <p>
          {cutterForm(plan.shape) === null && family.id !== 'mouldedRavioli'
            ? 'This shape is cut with a wheel or a knife, to any size.'
            : 'None of your kitchen’s tools cuts this shape.'}{' '}
          <Link className="link" href="/kitchen">
            Add tools in the kitchen
          </Link>
          .
        </p>
      ) : (
        <ul>
          {fits.map((tool, index) => {
            const after = planFigures({ ...tool.plan, filling: tested.filling }, basis);
            const state = after.layout.doesNotFit
              ? 'fails'
              : stateOfMargin(after.shape.lipMm / after.shape.neededLipMm, basis.rules);
            return (
              <li
                key={`${index}${tool.name}`}
                className="grid grid-cols-[1fr_auto] items-center gap-3 border-t border-board-line py-1.5"
              >
                <span className="flex flex-wrap items-baseline gap-x-3">
                  <b>{tool.name}</b> <span className="text-ink-dim">{tool.says}</span>
                  <span className="flex items-center gap-1.5">
                    <StateMark state={state} />
                    {after.layout.doesNotFit
                      ? 'does not fit the sheet'
                      : `${lipText(after.shape.lipMm, text)} of ${text(after.shape.neededLipMm, 'mm')}${
                          after.shape.doseBandG
                            ? `, up to ${text(after.shape.doseBandG[1], 'g')}`
                            : ''
                        }`}
                  </span>
                </span>
                <TakeButton
                  what={tool.name}
                  used={tool.inUse}
                  onTake={() => edit(() => tool.plan)}
                />
              </li>
            );
          })}
        </ul>
      )}
      <h3 className="mt-2">The edge</h3>
      <p>
        {FINISH_NAMES[plan.shape.finish]}: {family.layers.edge} layers
        {family.layers.join ? `, ${family.layers.join} where the corners meet` : ''}. A practised
        pair of hands takes about {result.sheet.fill.secondsPerPiece} seconds a piece.
      </p>
      <p className="text-small text-ink-dim">
        Knives, wheels and stamps cut: press away from the hand.
      </p>
    </section>
  );
}
