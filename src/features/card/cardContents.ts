import { onDial } from '@/core/sheet/setting';
import { containsText } from '@/core/plan/contentsText';
import { coolingAdvice, coolingTimes } from '@/core/filling/coolingText';
import type { WriteFigure } from '@/core/units/format';
import { ARRANGEMENT_NAMES } from '@/core/layout/arrangements';
import { SHEET_WAY_NAMES } from '@/core/layout/sheetWay';
import type { PlanResult } from '@/core/plan/evaluatePlan';
import type { Plan } from '@/core/plan/document/schema';
import { STATIONS } from '@/core/plan/stations';
import { familyOf } from '@/core/shapes/families';
import { FINISH_NAMES } from '@/core/shapes/finish';
import { foldingWords } from '@/core/shapes/foldSteps';
import type { Rung } from '@/core/sheet/ladder';
import { DIET_NAMES } from '@/features/plan/contentsWords';
import { plural, rollingsText, trimText } from '@/features/plan/stations/sheetWords';
import {
  heldText,
  MEDIUM_NAMES,
  SERVING_NAMES,
  stationAdvice,
  weakestText,
} from '@/features/plan/words';
import { lipText } from '@/ui/figure/lipText';

const LAID = {
  ball: 'rolled to a ball',
  ring: 'gathered under the sheet with a dull ring',
  piped: 'piped',
  spooned: 'spooned',
} as const;

export interface CardWeighed {
  readonly key: string;
  readonly name: string;
  readonly g: string;
}

export interface CardFact {
  readonly term: string;
  readonly value: string;
  readonly says: string;
}

/** Everything the bench card says, in the user's units: for the page and for the PDF. */
export interface CardContents {
  readonly title: string;
  readonly from: string;
  readonly pieces: string;
  readonly counts: string;
  readonly dough: {
    readonly total: string;
    readonly rows: readonly CardWeighed[];
    readonly says: string;
    readonly holdBack: string;
  };
  readonly filling: {
    readonly total: string;
    readonly rows: readonly CardWeighed[];
    readonly says: string;
  };
  readonly facts: readonly CardFact[];
  readonly portions: string;
  readonly rungs: readonly {
    readonly dial: string;
    readonly does: string;
    readonly leaves: string;
    readonly long: string;
  }[];
  readonly layout: string;
  readonly folding: readonly string[];
  readonly weakest: { readonly title: string; readonly says: string };
  readonly asks: string;
  readonly contains: string;
  readonly diet: string;
  readonly note: string;
}

/** The words of the bench card. */
export function cardContents(
  plan: Plan,
  result: PlanResult,
  {
    kitchenName,
    revision,
    text,
    spoons,
  }: {
    kitchenName: string;
    revision: number;
    text: WriteFigure;
    spoons(ml: number): string | null;
  },
): CardContents {
  const { dough, filling, counts, layout, trim } = result;
  const family = familyOf(plan.shape.family);
  const whites = Math.round(dough.whites.count);
  const { portions, rough, rungs } = result.ladder;
  return {
    title: plan.name,
    from: `${kitchenName}, revision ${revision}. ${family.name}, ${SERVING_NAMES[plan.serving]}`,
    pieces: String(result.pieces),
    counts: `pieces: ${result.portions} × ${plan.batch.piecesPerPortion}, ${counts.tasted} to taste, ${counts.spare} spare`,
    dough: {
      total: text(dough.totalG, 'g'),
      rows: dough.parts
        .filter(({ g }) => g >= 0.05)
        .map(({ id, name, g, count }) => ({
          key: id,
          name: count ? `${name}, ${plural(count.n, count.word)}` : name,
          g: text(g, 'g'),
        })),
      holdBack: `Hold back ${text(dough.holdBackG, 'g')} flour`,
      says: [
        `; work it in only while it sticks. Hydration ${text(dough.hydration, 'share')}, wants ${text(dough.low, 'share')} to ${text(dough.high, 'share')}. Knead ${text(dough.work.kneadMin, 'min')} by ${dough.work.by}, rest ${text(dough.work.restMin, 'min')} ${plan.dough.work.restAt === 'chilled' ? 'chilled' : 'wrapped'}.`,
        dough.whites.count >= 0.5 ? ` ${plural(whites, 'white')} left.` : '',
      ].join(''),
    },
    filling: {
      total: text(filling.totalG, 'g'),
      rows: filling.parts.map(({ id, name, preparation, g, preparedG }) => ({
        key: id,
        name:
          preparation === 'As it is'
            ? name
            : `${name}, ${preparation.toLowerCase()}: ${text(preparedG, 'g')} ready`,
        g: text(g, 'g'),
      })),
      says: [
        `Raw weights. ${text(result.ledger.filling.inBowlG, 'g')} stays in the ${plan.batch.fillingLoss.kind}.`,
        filling.cookedOffG > 0 ? ` Mixed, cook off ${text(filling.cookedOffG, 'g')} of water.` : '',
        filling.cooling.hot
          ? ` Cool it before egg and dough: ${coolingTimes(filling.cooling, text)}`
          : '',
        filling.cooling.late ? ` ${coolingAdvice(filling.cooling, text)}` : '',
      ].join(''),
    },
    facts: factsOf(plan, result, text, spoons),
    portions: [
      [
        portions.count > 0
          ? `${plural(portions.count, 'portion')} of ${text(portions.eachG, 'g')}`
          : '',
        portions.lastG > 0 ? `one of ${text(portions.lastG, 'g')}` : '',
      ]
        .filter(Boolean)
        .join(', '),
      `patted to ${text(rough.widthMm, 'mm')} × ${text(rough.lengthMm, 'mm')}, ${plural(portions.sheetsEach, 'sheet')} each.`,
    ].join(', '),
    rungs: rungs.map((rung) => ({
      dial: rung.label,
      does: rungText(rung),
      leaves: text(rung.thicknessMm, 'mm'),
      long: `${rung.strips > 1 ? `${rung.strips} × ` : ''}${text(rung.lengthMm, 'mm')}`,
    })),
    layout: layout.laying.arrangement
      ? [
          `${SHEET_WAY_NAMES[layout.way].name}: ${layout.pieces} a ${layout.laying.sheets === 2 ? 'pair' : 'sheet'} ${ARRANGEMENT_NAMES[layout.laying.arrangement.id]}.`,
          rollingsText(layout.rollings, layout.laying.sheets),
          `Trim ${text(trim.g, 'g')}: ${trimText(trim)}.`,
        ]
          .filter(Boolean)
          .join(' ')
      : 'Nothing can be cut from this sheet: see the plan.',
    folding: foldingWords(family, plan.shape.laid),
    weakest: weakestText(result, text),
    asks: STATIONS.flatMap((station) => stationAdvice(station, result, text) ?? []).join(' '),
    contains: containsText(result.contents),
    diet: DIET_NAMES[result.contents.piece.diet],
    note: plan.note,
  };
}

function rungText({ kind, repeats, dust, cut, stop }: Rung): string {
  return [
    kind === 'fold' ? `fold ${repeats} ×` : `${repeats} ×`,
    dust ? 'dust' : '',
    cut ? 'cut in half' : '',
    stop ? 'stop' : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function factsOf(
  plan: Plan,
  result: PlanResult,
  text: WriteFigure,
  spoons: (ml: number) => string | null,
): CardFact[] {
  const { sheet, shape, edge, filling, layout } = result;
  const family = familyOf(plan.shape.family);
  const [first, second] = family.dimensions;
  const across = plural(layout.inStack, 'blank');
  return [
    {
      term: 'Roller',
      value: onDial(plan.sheet.roller, sheet.setting),
      says: `${sheet.between ? 'near; ' : ''}${text(sheet.thicknessMm, 'mm')}, ${plan.sheet.roller.name}`,
    },
    {
      term: 'Sheets',
      value: String(sheet.count),
      says: `of ${text(sheet.massG, 'g')}, ${text(sheet.lengthMm, 'mm')} × ${text(sheet.widthMm, 'mm')}`,
    },
    {
      term: plan.shape.mould ?? first?.label ?? 'Blank',
      value: text(shape.sizeMm, 'mm'),
      says: second
        ? `${second.label.toLowerCase()} ${text(shape[second.key], 'mm')}`
        : `${across} across the sheet`,
    },
    {
      term: 'Dose',
      value: text(shape.doseG, 'g'),
      says: [spoons(filling.doseMl), family.usesLaid ? LAID[plan.shape.laid] : null]
        .filter(Boolean)
        .join(', '),
    },
    {
      term: 'Edge',
      value: FINISH_NAMES[plan.shape.finish],
      says: `to ${text(edge.pressedMm, 'mm')}; ${lipText(shape.lipMm, text)}, needs ${text(shape.neededLipMm, 'mm')}`,
    },
    {
      term: 'Seal',
      value: MEDIUM_NAMES[plan.hold.medium],
      says: `within ${text(sheet.fill.openMin, 'min')} of rolling; then ${heldText(plan.hold, text)}${result.hold.goodFor ? `; keeps ${text(result.hold.goodFor.minute, 'min')}` : ''}`,
    },
    {
      term: 'Pot',
      value: text(plan.boil.waterL, 'litre'),
      says: `salt ${text(result.saltG, 'g')}, ${plan.boil.style === 'simmer' ? 'gentle simmer' : 'rolling boil'}; ${result.boil.rounds.rounds} × ${result.boil.rounds.pieces} pieces, about ${text(result.boil.rounds.totalMin, 'min')} in all`,
    },
    {
      term: 'Done',
      value:
        result.safeCore.tempC === null
          ? `≈ ${text(result.boil.potMin, 'min')}`
          : `${text(result.safeCore.tempC, 'C')} inside`,
      says: `${result.safeCore.tempC === null ? 'bite the edge' : `about ${text(result.boil.potMin, 'min')} in the pot`}; floating is not done; ${platesText(plan, text)}`,
    },
  ];
}

/** From the pot to the plate, in a line. */
const platesText = ({ serving, boil, batch }: Plan, text: WriteFigure): string =>
  serving === 'broth'
    ? `${batch.piecesPerPortion} to a hot bowl, hot broth over them`
    : boil.sauceMin > 0
      ? `then ${text(boil.sauceMin, 'min')} in a warm sauce, ${batch.piecesPerPortion} to a hot plate`
      : `${batch.piecesPerPortion} to a hot plate`;
