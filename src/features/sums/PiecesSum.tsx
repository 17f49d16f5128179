'use client';

import { useState } from 'react';
import { SHEET_WAYS, SHEET_WAY_NAMES, type SheetWay } from '@/core/layout/sheetWay';
import { PLAN_FIELDS } from '@/core/plan/document/planFields';
import { piecesFromDough, usualPiece } from '@/core/plan/questions/piecesFromDough';
import { FAMILY_IDS, familyOf, type FamilyId } from '@/core/shapes/families';
import { input } from '@/core/working/working';
import { Choice } from '@/ui/fields/Choice';
import { SelectField } from '@/ui/fields/SelectField';
import { useUnits } from '@/ui/units/UnitsContext';
import { NumbersSum } from './NumbersSum';
import { length, mass } from './SheetSums';
import type { SumProps } from './SumParts';

/** How many pieces a dough gives, and how much filling they take. */
export function PiecesSum({ kitchen, pantry }: SumProps) {
  const { text } = useUnits();
  const [family, setFamily] = useState<FamilyId>('ravioliSquare');
  const [chosen, setWay] = useState<SheetWay | null>(null);
  const usual = usualPiece(family);
  const ways = SHEET_WAYS.filter((way) => familyOf(family).sheetWays.includes(way));
  const way = ways.find((each) => each === chosen) ?? usual.way;
  return (
    <>
      <div className="mb-3 grid max-w-[38rem] gap-3">
        <SelectField
          label="Shape"
          value={family}
          options={FAMILY_IDS.map((id) => ({ value: id, label: familyOf(id).name }))}
          onChange={(id) => setFamily(FAMILY_IDS.find((each) => each === id) ?? family)}
        />
        {ways.length > 1 && (
          <Choice<SheetWay>
            label="Sheets"
            value={way}
            options={ways.map((value) => ({ value, label: SHEET_WAY_NAMES[value].name }))}
            onChange={setWay}
          />
        )}
      </div>
      <NumbersSum
        key={family}
        inputs={{
          doughG: mass('Dough', 500),
          sizeMm: length(usual.label, usual.sizeMm, usual.range.min, usual.range.max, 1),
          thicknessMm: {
            label: 'Thickness',
            kind: 'length',
            range: PLAN_FIELDS['sheet.thicknessMm'],
            step: 0.1,
            start: usual.thicknessMm,
          },
          doseG: {
            label: 'Filling in each',
            kind: 'mass',
            range: PLAN_FIELDS['shape.doseG'],
            step: 0.5,
            start: usual.doseG,
          },
        }}
        work={(asked) => {
          const given = piecesFromDough({ family, way, ...asked }, kitchen, pantry);
          const { pieces, fillingG, doughPerPieceG, pairs, sheets, perLaying, trimG } = given;
          return {
            working: {
              label: 'Pieces',
              value: pieces,
              unit: 'count',
              kind: 'law',
              formula: 'dough × share that becomes pieces ÷ dough in a piece, whole ones',
              inputs: [
                input('dough', asked.doughG, 'g'),
                input('dough in a piece', doughPerPieceG, 'g'),
                input('pieces on a full laying', perLaying, 'count'),
              ],
              source: 'layout on your roller and bench; trim rolled again as usual',
            },
            says:
              pieces === 0 ? (
                'Not one fits this sheet, or the dough is too little.'
              ) : (
                <>
                  <b>{text(fillingG, 'g')} of filling</b>, what stays in the bowl included.{' '}
                  {pairs === null
                    ? `${sheets} ${sheets === 1 ? 'sheet' : 'sheets'}, up to ${perLaying} pieces on each.`
                    : `${sheets} sheets in ${pairs} ${pairs === 1 ? 'pair' : 'pairs'}, up to ${perLaying} pieces a pair.`}{' '}
                  {text(trimG, 'g')} of trim at the end. Nothing lost, nothing tasted: make a few
                  more.
                </>
              ),
          };
        }}
      />
    </>
  );
}
