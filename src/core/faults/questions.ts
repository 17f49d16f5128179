import type { Batch } from './batch';
import type { PlanModel } from '../plan/model/model';
import type { Stage } from './stages';

/** Something a cook can look at, feel or remember. */
export interface Question {
  readonly asks: string;
  /** Answers by name, as they are tapped. */
  readonly answers: Readonly<Record<string, string>>;
  /** Stages of the work at which it can be answered. */
  readonly when: readonly [Stage, Stage];
  /** How usual each answer is where nothing speaks for it; they sum to 1. */
  readonly usual: Readonly<Record<string, number>>;
  /** The plan itself decides it: what it says speaks against a cause too. */
  readonly decided?: true;
  /** Whether a plan's own figures point here: then it is asked early. */
  readonly points?: (planned: PlanModel) => boolean;
  /** The answer that a batch would give, were it read rightly. */
  readonly truth: (batch: Batch) => string;
}

const share = (value: number, from: number): number => (from > 0 ? value / from : 1);

/** Held longer than this share of what they keep, an hour more or less matters. */
const NEAR_ITS_LIMIT = 0.75;

/** Minutes held that are not frozen. */
const thawedMin = ({ plan }: Batch['made']): number =>
  plan.hold.phases.reduce(
    (sum, { place, minutes }) => (place === 'freezer' ? sum : sum + minutes),
    0,
  );

/** Every question there is. A further one is one more entry. */
export const QUESTIONS = {
  eggs: {
    asks: 'Weigh an egg without its shell, or a shell pair: how is it against the plan’s?',
    answers: { heavier: 'Clearly heavier', asSaid: 'About as it says', lighter: 'Clearly lighter' },
    when: ['dough', 'end'],
    usual: { heavier: 0.12, asSaid: 0.76, lighter: 0.12 },
    truth: ({ slips }) => slips.eggs,
  },
  wetFrom: {
    asks: 'Which of these is true of this dough?',
    answers: {
      splash: 'A splash more liquid went in',
      eggs: 'The eggs are big ones',
      damp: 'The day is damp, and the flour stood open',
      warm: 'The room or the dough is warm',
      none: 'None of them',
    },
    when: ['dough', 'sheet'],
    usual: { splash: 0.12, eggs: 0.1, damp: 0.08, warm: 0.1, none: 0.6 },
    truth: ({ meant, made, slips }) => {
      if (slips.eggs === 'heavier') return 'eggs';
      if ((made.plan.dough.rh ?? 0.5) > 0.7) return 'damp';
      if (made.plan.dough.roomC > 26) return 'warm';
      return made.dough.hydration - meant.dough.hydration > 0.02 ? 'splash' : 'none';
    },
  },
  dryFrom: {
    asks: 'Which of these is true of this dough?',
    answers: {
      flour: 'More flour went in as it was mixed',
      eggs: 'The eggs are small ones',
      dry: 'The air is dry: heating, or frost',
      bran: 'It is wholegrain, and only just mixed',
      none: 'None of them',
    },
    when: ['dough', 'shape'],
    usual: { flour: 0.12, eggs: 0.1, dry: 0.1, bran: 0.06, none: 0.62 },
    truth: ({ meant, made, slips }) => {
      if (slips.eggs === 'lighter') return 'eggs';
      if ((made.plan.dough.rh ?? 0.5) < 0.35) return 'dry';
      if (made.dough.character.blend.absorption > 0.03 && made.plan.dough.work.restMin < 20)
        return 'bran';
      return made.dough.hydration - meant.dough.hydration < -0.02 ? 'flour' : 'none';
    },
  },
  warm: {
    asks: 'Lay a wrist on the dough: is it warm?',
    answers: { warm: 'Warm', cool: 'Cool' },
    when: ['dough', 'shape'],
    usual: { warm: 0.15, cool: 0.85 },
    truth: ({ made: { plan } }) => (plan.dough.roomC > 26 ? 'warm' : 'cool'),
  },
  knead: {
    asks: 'Knead it one more minute: does it change?',
    answers: { tightens: 'It tightens and sticks less', same: 'It stays as it is' },
    when: ['dough', 'dough'],
    usual: { tightens: 0.25, same: 0.75 },
    truth: ({ made: { dough } }) => (dough.ready.kneaded < 0.85 ? 'tightens' : 'same'),
  },
  kneaded: {
    asks: 'How long was it kneaded, and folded at the widest setting?',
    answers: {
      short: 'Shorter, or fewer folds',
      asSaid: 'As planned',
      long: 'Much longer, or again after its rest',
    },
    when: ['sheet', 'end'],
    usual: { short: 0.2, asSaid: 0.73, long: 0.07 },
    truth: ({ meant, made, slips }) =>
      slips.overworked
        ? 'long'
        : made.dough.ready.development < meant.dough.ready.development - 0.06
          ? 'short'
          : 'asSaid',
  },
  pinch: {
    asks: 'Pinch a bit flat and fold it: what does the fold do?',
    answers: { cracks: 'It cracks white', bends: 'It bends clean', tacks: 'It bends and tacks' },
    when: ['dough', 'shape'],
    usual: { cracks: 0.12, bends: 0.74, tacks: 0.14 },
    truth: ({ made: { dough } }) =>
      dough.feel === 'dry' ? 'cracks' : dough.feel === 'wet' ? 'tacks' : 'bends',
  },
  rested: {
    asks: 'Poke the wrapped dough: what does the dent do?',
    answers: { jumps: 'It jumps back at once', creeps: 'It comes back slowly', stays: 'It stays' },
    when: ['dough', 'shape'],
    usual: { jumps: 0.2, creeps: 0.68, stays: 0.12 },
    truth: ({ made: { dough }, slips }) =>
      slips.overworked || dough.ready.relaxationLeft > 0.4
        ? 'jumps'
        : dough.feel === 'wet'
          ? 'stays'
          : 'creeps',
  },
  speed: {
    asks: 'How was the roller turned?',
    answers: { fast: 'Fast, to be done', even: 'Slow or even' },
    when: ['sheet', 'end'],
    usual: { fast: 0.15, even: 0.85 },
    truth: ({ made: { plan } }) => (plan.sheet.speed === 'fast' ? 'fast' : 'even'),
  },
  skin: {
    asks: 'Feel ball and strip all over: is there a dry skin?',
    answers: { skin: 'Yes, leathery', none: 'No, soft all over' },
    when: ['dough', 'shape'],
    usual: { skin: 0.1, none: 0.9 },
    truth: ({ slips }) => (slips.crust ? 'skin' : 'none'),
  },
  pass: {
    asks: 'At which pass did it go wrong?',
    answers: {
      narrowFold: 'Right after a fold, not back at the widest',
      skipped: 'Where a setting was skipped',
      any: 'At no special one',
    },
    when: ['sheet', 'shape'],
    usual: { narrowFold: 0.08, skipped: 0.08, any: 0.84 },
    truth: ({ slips: { pass } }) =>
      pass === 'foldedNarrow' ? 'narrowFold' : pass === 'skipped' ? 'skipped' : 'any',
  },
  light: {
    asks: 'Look at a raw edge, or hold the sheet over your hand: how thick?',
    answers: {
      thinner: 'Thinner than planned',
      asSaid: 'As planned',
      thicker: 'Thicker than planned',
    },
    when: ['sheet', 'end'],
    usual: { thinner: 0.12, asSaid: 0.74, thicker: 0.14 },
    truth: ({ meant, made }) => {
      const off = share(made.piece.input.thicknessMm, meant.piece.input.thicknessMm);
      return off > 1.12 ? 'thicker' : off < 0.88 ? 'thinner' : 'asSaid';
    },
  },
  dust: {
    asks: 'What lay on the bench while you rolled?',
    answers: {
      fine: 'Plenty of fine flour',
      coarse: 'Semolina, or very little',
      none: 'Nothing at all',
    },
    when: ['sheet', 'end'],
    usual: { fine: 0.15, coarse: 0.6, none: 0.25 },
    decided: true,
    truth: ({ made: { sheet, plan } }) =>
      sheet.dust.slip
        ? 'fine'
        : plan.sheet.dust.kind === 'none' || sheet.dust.usedG <= 0
          ? 'none'
          : 'coarse',
  },
  mound: {
    asks: 'Put a spoonful on a plate and wait a minute: what does it do?',
    answers: { stands: 'It stands', settles: 'It settles a little', runs: 'It runs' },
    when: ['filling', 'end'],
    usual: { stands: 0.5, settles: 0.35, runs: 0.15 },
    truth: ({ made: { filling, basis } }) => {
      const soft = filling.stiffness.pa / basis.rules['filling.stiffness'].value;
      return soft < 0.35 ? 'runs' : soft < 0.7 ? 'settles' : 'stands';
    },
  },
  fillingHow: {
    asks: 'How was the filling when it met the dough?',
    answers: {
      warm: 'Warm to the finger',
      watery: 'Cold, with water at the edge of the bowl',
      dry: 'Cold, and no water to be seen',
    },
    when: ['filling', 'end'],
    usual: { warm: 0.1, watery: 0.15, dry: 0.75 },
    truth: ({ made: { plan, filling } }) => {
      if (plan.filling.meetsC > 28) return 'warm';
      return filling.composition.freeWaterShare > 0.07 ? 'watery' : 'dry';
    },
  },
  worked: {
    asks: 'How was the filling mixed?',
    answers: { blended: 'In a blender, until smooth', byHand: 'By hand, or in pulses' },
    when: ['filling', 'end'],
    usual: { blended: 0.15, byHand: 0.85 },
    decided: true,
    truth: ({ made: { plan } }) => (plan.filling.texture === 'blended' ? 'blended' : 'byHand'),
  },
  lumps: {
    asks: 'Rub some filling between your fingers: the largest lump?',
    answers: { pea: 'A pea, or a hard stalk', small: 'Smaller, or none' },
    when: ['filling', 'end'],
    usual: { pea: 0.12, small: 0.88 },
    truth: ({ slips }) => (slips.lumpMm > 5 ? 'pea' : 'small'),
  },
  dose: {
    asks: 'Weigh five mounds, or five pieces: against the plan they are…',
    answers: { heavier: 'Heavier', asSaid: 'About right', lighter: 'Lighter' },
    when: ['shape', 'end'],
    usual: { heavier: 0.17, asSaid: 0.7, lighter: 0.13 },
    truth: ({ meant, made }) => {
      const off = share(made.piece.input.doseG, meant.piece.input.doseG);
      return off > 1.12 ? 'heavier' : off < 0.88 ? 'lighter' : 'asSaid';
    },
  },
  lip: {
    asks: 'Peel a piece open at its edge: what is between the faces?',
    answers: {
      clean: 'Nothing: clean dough',
      flour: 'Flour',
      filling: 'Filling, or grease',
      slick: 'Water: wet and slippery',
      dry: 'Nothing, and it is dry to the touch',
    },
    when: ['shape', 'end'],
    usual: { clean: 0.72, flour: 0.08, filling: 0.08, slick: 0.05, dry: 0.07 },
    truth: ({ made: { plan, sheet } }) =>
      plan.hold.faces === 'floured'
        ? 'flour'
        : plan.hold.faces === 'filling'
          ? 'filling'
          : plan.hold.medium === 'tooWet'
            ? 'slick'
            : plan.hold.medium === 'dry' || sheet.fill.fillMin > 1.4 * sheet.fill.openMin
              ? 'dry'
              : 'clean',
  },
  wetted: {
    asks: 'What were the lips wetted with?',
    answers: {
      brush: 'A damp brush, a fingertip, a mist, or egg',
      nothing: 'Nothing',
      dripping: 'Water, plenty of it',
    },
    when: ['shape', 'end'],
    usual: { brush: 0.7, nothing: 0.2, dripping: 0.1 },
    decided: true,
    truth: ({ made: { plan } }) =>
      plan.hold.medium === 'dry' ? 'nothing' : plan.hold.medium === 'tooWet' ? 'dripping' : 'brush',
  },
  stoodOpen: {
    asks: 'How long did a sheet lie open before its last piece was closed?',
    answers: { long: 'Longer than planned, or by a draught', short: 'Minutes, or under cover' },
    when: ['shape', 'end'],
    usual: { long: 0.18, short: 0.82 },
    truth: ({ meant, made }) => {
      const used = (fill: Batch['made']['sheet']['fill']) =>
        fill.fillMin / Math.max(0.1, fill.openMin);
      return used(made.sheet.fill) > 1.2 && used(made.sheet.fill) > 1.3 * used(meant.sheet.fill)
        ? 'long'
        : 'short';
    },
  },
  centred: {
    asks: 'Cut a row of pieces in half: where do the mounds lie?',
    answers: { middle: 'In the middle', off: 'Many to one side' },
    when: ['shape', 'end'],
    usual: { middle: 0.85, off: 0.15 },
    truth: ({ slips }) => (slips.offMm > 3 ? 'off' : 'middle'),
  },
  edge: {
    asks: 'Feel a sealed edge between two fingers: how thick?',
    answers: { pressed: 'Pressed out, thinner than two faces', double: 'As thick as two faces' },
    when: ['shape', 'end'],
    usual: { pressed: 0.82, double: 0.18 },
    truth: ({ slips }) => (slips.edgeLeft > 1.15 ? 'double' : 'pressed'),
  },
  bubble: {
    asks: 'Hold a raw piece against the light, or press it: is there air?',
    answers: { air: 'A bubble beside the filling', none: 'No' },
    when: ['shape', 'pot'],
    usual: { air: 0.15, none: 0.85 },
    truth: ({ made: { hold } }) => (hold.air > 0.06 ? 'air' : 'none'),
  },
  surface: {
    asks: 'What did the pieces stand on?',
    answers: { bare: 'The bare tray, or paper', dusted: 'Semolina, a cloth or a rack' },
    when: ['tray', 'end'],
    usual: { bare: 0.15, dusted: 0.85 },
    decided: true,
    truth: ({ made: { plan } }) =>
      ['bare', 'paper'].includes(plan.hold.surface) ? 'bare' : 'dusted',
  },
  stood: {
    asks: 'How long did they stand between closing and pot?',
    answers: { longer: 'Clearly longer than planned', asSaid: 'As planned, or less' },
    when: ['tray', 'end'],
    usual: { longer: 0.18, asSaid: 0.82 },
    points: ({ hold }) =>
      hold.minutesToTacky !== null && hold.plannedMin > NEAR_ITS_LIMIT * hold.minutesToTacky,
    truth: ({ meant, made }) =>
      thawedMin(made) > 1.3 * thawedMin(meant) + 10 ? 'longer' : 'asSaid',
  },
  apart: {
    asks: 'Did pieces touch, on the tray or in the bag?',
    answers: { touched: 'Yes', apart: 'No' },
    when: ['tray', 'end'],
    usual: { touched: 0.12, apart: 0.88 },
    truth: ({ slips }) => (slips.apart ? 'apart' : 'touched'),
  },
  frozen: {
    asks: 'How were they when they went into the water?',
    answers: { hard: 'Frozen hard', thawed: 'Frozen, and soft again', fresh: 'Never frozen' },
    when: ['tray', 'end'],
    usual: { hard: 0.2, thawed: 0.05, fresh: 0.75 },
    points: ({ boil }) => boil.frozen,
    truth: ({ made: { boil }, slips }) =>
      slips.thawed ? 'thawed' : boil.frozen ? 'hard' : 'fresh',
  },
  pot: {
    asks: 'How did the pot go?',
    answers: {
      hard: 'It boiled hard',
      trembling: 'It trembled, with room to move',
      crowded: 'It was crowded, and went off the boil',
    },
    when: ['pot', 'end'],
    usual: { hard: 0.3, trembling: 0.58, crowded: 0.12 },
    decided: true,
    points: ({ plan, boil: { rounds } }) =>
      plan.boil.style === 'rolling' || rounds.pieces > Math.min(rounds.byHeat, rounds.bySurface),
    truth: ({ made: { plan }, slips }) =>
      slips.crowded ? 'crowded' : plan.boil.style === 'rolling' ? 'hard' : 'trembling',
  },
  lifted: {
    asks: 'When were they lifted out?',
    answers: { floating: 'As they came up', planned: 'A minute or two after', late: 'Long after' },
    when: ['pot', 'end'],
    usual: { floating: 0.15, planned: 0.72, late: 0.13 },
    truth: ({ slips: { potShare } }) =>
      potShare < 0.8 ? 'floating' : potShare > 1.4 ? 'late' : 'planned',
  },
  aged: {
    asks: 'When was this dough mixed?',
    answers: { today: 'Today', earlier: 'Yesterday or before' },
    when: ['sheet', 'end'],
    usual: { today: 0.88, earlier: 0.12 },
    truth: ({ slips }) => (slips.doughH > 20 ? 'earlier' : 'today'),
  },
  trim: {
    asks: 'What became of the trim?',
    answers: { rolled: 'It was rolled again', aside: 'It was put aside' },
    when: ['end', 'end'],
    usual: { rolled: 0.75, aside: 0.25 },
    truth: ({ slips }) => (slips.trim === 'setAside' ? 'aside' : 'rolled'),
  },
  reckoned: {
    asks: 'How were dough and filling measured against each other?',
    answers: { byPlan: 'By the plan', byEye: 'By eye, or as much as there was' },
    when: ['end', 'end'],
    usual: { byPlan: 0.75, byEye: 0.25 },
    truth: ({ slips }) => (Math.abs(slips.fillingShare - 1) > 0.1 ? 'byEye' : 'byPlan'),
  },
} as const satisfies Readonly<Record<string, Question>>;

export type QuestionId = keyof typeof QUESTIONS;

export const QUESTION_IDS = Object.keys(QUESTIONS) as [QuestionId, ...QuestionId[]];

/** The answers of a question, by name. */
export type AnswerTo<Q extends QuestionId> = keyof (typeof QUESTIONS)[Q]['answers'] & string;

/** What was answered: a name of one of the answers, or that nobody knows. */
export type Answers = Readonly<Partial<Record<QuestionId, string>>>;

/** The answer that rules nothing out. */
export const DONT_KNOW = 'dontKnow';
