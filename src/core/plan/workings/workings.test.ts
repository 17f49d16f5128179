import { startingPantry } from '../../composition/pantry';
import { startingBasis } from '../../basis/basis';
import fc from 'fast-check';
import { anyPlanDocument } from '../../testing/anyPlan';
import { parsePlan } from '../document/parsePlan';
import { evaluatePlan, type PlanResult } from '../evaluatePlan';
import type { FigureId } from './index';

type Of = (r: PlanResult) => number;

/** What the model says of every figure that can be opened. A further figure is one more line here. */
const SAYS: Readonly<Record<FigureId, Of>> = {
  pieces: (r) => r.pieces,
  yield: (r) => r.yield,
  doughTotal: (r) => r.dough.totalG,
  fillingTotal: (r) => r.filling.totalG,
  leftoverDough: (r) => r.leftover.doughG,
  leftoverFilling: (r) => r.leftover.fillingG,
  ratio: (r) => r.ratio,
  platedDough: (r) => r.ledger.dough.platedG,
  spareDough: (r) => r.ledger.dough.spareG,
  tastedDough: (r) => r.ledger.dough.tastedG,
  trimDough: (r) => r.ledger.dough.trimG + r.ledger.dough.spoiltG + r.ledger.dough.endTrimG,
  stuckDough: (r) => r.ledger.dough.stuckG,
  platedFilling: (r) => r.ledger.filling.platedG,
  spareFilling: (r) => r.ledger.filling.spareG,
  tastedFilling: (r) => r.ledger.filling.tastedG,
  inBowl: (r) => r.ledger.filling.inBowlG,
  hydration: (r) => r.dough.hydration,
  hydrationTarget: (r) => r.dough.target,
  addWater: (r) => r.dough.addWaterG,
  addFlour: (r) => r.dough.addFlourG,
  doughScale: (r) => r.dough.scale,
  doughPerPiece: (r) => r.dough.perPieceG,
  doughWeighed: (r) => r.dough.weighedG,
  holdBack: (r) => r.dough.holdBackG,
  weatherWater: (r) => (r.dough.weighedG > 0 ? r.dough.now.weatherWaterG : 0),
  gluten: (r) => r.dough.makeup.glutenRatio / 0.095,
  yolk: (r) => r.dough.makeup.yolkShare ?? 0,
  fat: (r) => r.dough.makeup.fatShare,
  strength: (r) => r.dough.strengthKPa,
  stretch: (r) => r.dough.stretch,
  springBack: (r) => r.dough.springBack,
  readiness: (r) => r.dough.ready.readiness,
  earliest: (r) => r.dough.ready.earliestMin,
  whites: (r) => r.dough.whites.g,
  freeWater: (r) => r.filling.freeWaterShare,
  fillingScale: (r) => r.filling.scale,
  stiffness: (r) => r.filling.yieldStressPa,
  density: (r) => r.filling.densityGPerMl,
  fillingFat: (r) => r.filling.fatShare,
  fillingSalt: (r) => r.filling.saltShare,
  fillingEgg: (r) => r.filling.eggShare,
  waterRaw: (r) => r.filling.water.rawG + r.filling.water.takenUpG,
  waterDrip: (r) => r.filling.water.dripG,
  waterSteamed: (r) => r.filling.water.steamedG,
  waterHeld: (r) => r.filling.water.heldG,
  waterFree: (r) => r.filling.water.freeG,
  settled: (r) => 2 * r.filling.settledMm,
  cooling: (r) => r.filling.cooling.firstMin,
  fillingVolume: (r) => r.filling.totalMl,
  pipedLength: (r) => r.filling.pipedMm,
  dose: (r) => r.filling.perPieceG,
  thickness: (r) => r.sheet.thicknessMm,
  sheetLength: (r) => r.sheet.lengthMm,
  sheetMass: (r) => r.sheet.massG,
  layoutShare: (r) => r.layout.share,
  openTime: (r) => r.sheet.fill.openMin,
  fillTime: (r) => r.sheet.fill.fillMin,
  trim: (r) => r.trim.g,
  salt: (r) => r.saltG,
  sheets: (r) => r.sheet.count,
  mound: (r) => 2 * r.shape.mound.radiusMm,
  lip: (r) => r.shape.lipMm,
  lipNeeded: (r) => r.shape.neededLipMm,
  lipMargin: (r) => r.margins.lip,
  overTop: (r) => r.shape.overTopMm,
  thinningMargin: (r) => r.margins.thinning,
  edge: (r) => r.edge.pressedMm,
  edgeSoft: (r) => r.boil.edgeMin,
  cookFor: (r) => r.boil.minutes,
  core: (r) => (r.boil.coreS ?? 0) / 60,
  sealMargin: (r) => r.margins.seal,
  goodFor: (r) => r.hold.goodFor?.minute ?? r.hold.plannedMin,
  seepMargin: (r) => r.margins.seep,
  liftMargin: (r) => r.margins.lift,
  burstMargin: (r) => r.margins.burst,
  potRound: (r) => r.boil.rounds.pieces,
  potDip: (r) => r.boil.rounds.dipC,
  potRecovers: (r) => r.boil.rounds.recoverS / 60,
  potTotal: (r) => r.boil.rounds.totalMin,
  faceMargin: (r) => r.margins.face,
  faceSoft: (r) => r.boil.faceMin,
};

describe('the workings of any plan', () => {
  it('come to what the model says, each from the inputs that it shows', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        const result = evaluatePlan(parsePlan(document, startingPantry), startingBasis);
        for (const id of Object.keys(SAYS) as FigureId[]) {
          const says = SAYS[id](result);
          const off = Math.abs(result.working[id].value - says) / Math.max(1, Math.abs(says));
          expect([id, off < 1e-6 ? 'agrees' : `${result.working[id].value}, not ${says}`]).toEqual([
            id,
            'agrees',
          ]);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('give a range that holds the figure, say what kind it is, and where it is from', () => {
    fc.assert(
      fc.property(anyPlanDocument, (document) => {
        for (const [name, each] of Object.entries(
          evaluatePlan(parsePlan(document, startingPantry), startingBasis).working,
        )) {
          const { kind, value, source, formula, range } = each;
          expect(['law', 'table', 'rule', 'choice']).toContain(kind);
          expect([name, source.length > 3, formula.length > 1]).toEqual([name, true, true]);
          if (range && kind !== 'choice') {
            expect([name, range[0] <= value && value <= range[1]]).toEqual([name, true]);
          }
        }
      }),
      { numRuns: 150 },
    );
  });
});
