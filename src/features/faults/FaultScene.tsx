import type { ReactNode } from 'react';
import type { QuestionId } from '@/core/faults/questions';
import type { SignId } from '@/core/faults/signs';

const DOUGH = { fill: '#f0dca4', stroke: '#cfae5e', strokeWidth: 3 };
const LINE = { fill: 'none', stroke: 'currentColor', strokeWidth: 3 };
const WRONG = { fill: 'none', stroke: 'var(--scene-wrong)', strokeWidth: 4 };
const WET = { fill: '#7ab4dd', stroke: 'none' };

const piece = (
  <>
    <path d="M4 50 H26 Q30 20 50 20 Q70 20 74 50 H96" {...DOUGH} />
    <path d="M30 48 Q33 26 50 26 Q67 26 70 48 Z" fill="#8fa87e" />
    <path d="M4 51 H96" stroke="#cfae5e" strokeWidth={5} />
  </>
);
const pot = (
  <path d="M10 20 H90 V58 Q90 66 80 66 H20 Q10 66 10 58 Z M4 26 H10 M90 26 H96" {...LINE} />
);
const ball = <ellipse cx={50} cy={42} rx={30} ry={24} {...DOUGH} />;
const rollers = (
  <>
    <circle cx={50} cy={18} r={14} {...LINE} />
    <circle cx={50} cy={54} r={14} {...LINE} />
    <path d="M4 30 H48 M4 42 H48 M50 34 H98 M50 38 H98" stroke="#cfae5e" strokeWidth={3} />
  </>
);
const bowl = <path d="M14 30 H86 Q84 64 50 64 Q16 64 14 30 Z" {...LINE} />;
const tray = <path d="M2 60 H98 V66 H2 Z" {...LINE} />;

/** Small drawings, a piece or a tool in section; what each says stands in words beside it. */
const SCENES = {
  ball,
  stickyBall: (
    <>
      {ball}
      <path d="M30 62 V70 M50 66 V74 M70 62 V70" {...WRONG} />
    </>
  ),
  crumbs: (
    <>
      <path d="M24 50 L34 24 L50 30 L62 18 L78 40 L70 58 L40 60 Z" {...DOUGH} />
      <path d="M36 36 L52 46 M60 28 L56 48" {...WRONG} />
    </>
  ),
  poke: (
    <>
      {ball}
      <path d="M50 2 V22 M44 16 L50 24 L56 16" {...LINE} />
      <path d="M42 24 Q50 34 58 24" {...WRONG} />
    </>
  ),
  egg: (
    <>
      <path d="M50 8 Q74 30 72 48 Q70 66 50 66 Q30 66 28 48 Q26 30 50 8 Z" {...LINE} />
      <circle cx={50} cy={46} r={12} fill="#e8a23a" />
    </>
  ),
  air: (
    <path d="M14 24 H62 Q76 24 74 14 M14 38 H82 Q96 38 92 52 M14 52 H56 Q66 52 64 62" {...LINE} />
  ),
  roller: rollers,
  tornSheet: (
    <>
      {rollers}
      <path d="M70 28 L76 36 L70 44 M86 28 L80 36 L86 44" {...WRONG} />
    </>
  ),
  hand: (
    <>
      <path
        d="M30 66 V34 Q30 26 36 28 V14 Q42 8 44 16 V12 Q50 4 54 12 V16 Q60 10 62 18 V40 Q66 32 72 38 L62 66 Z"
        {...LINE}
      />
      <path
        d="M8 20 H92 V52 H8 Z"
        fill="#f0dca4"
        fillOpacity={0.75}
        stroke="#cfae5e"
        strokeWidth={3}
      />
    </>
  ),
  fold: (
    <>
      <path
        d="M10 54 H60 Q84 54 84 40 Q84 26 60 26 H20"
        {...LINE}
        stroke="#cfae5e"
        strokeWidth={7}
      />
      <path d="M82 32 L92 26 M84 40 H96 M82 48 L92 54" {...WRONG} />
    </>
  ),
  mound: (
    <>
      <path d="M4 62 H96" {...LINE} />
      <path d="M18 60 Q30 26 50 26 Q70 26 82 60 Z" fill="#8fa87e" />
    </>
  ),
  bowl: (
    <>
      {bowl}
      <path d="M20 34 Q50 22 80 34 Q74 58 50 58 Q26 58 20 34 Z" fill="#8fa87e" />
      <path d="M22 44 Q26 56 36 60 L30 60 Q22 54 20 44 Z" {...WET} />
    </>
  ),
  fullBowl: (
    <>
      {bowl}
      <path d="M16 32 Q50 0 84 32 Q74 58 50 58 Q26 58 16 32 Z" fill="#8fa87e" />
    </>
  ),
  piece,
  lip: (
    <>
      {piece}
      <path d="M74 50 L96 34" {...WRONG} />
    </>
  ),
  edge: (
    <>
      {piece}
      <path d="M84 38 V46 M84 64 V56 M78 38 H90 M78 64 H90" {...WRONG} />
    </>
  ),
  off: (
    <>
      <path d="M4 50 H40 Q44 20 62 20 Q80 20 84 50 H96" {...DOUGH} />
      <path d="M44 48 Q48 26 62 26 Q78 26 80 48 Z" fill="#8fa87e" />
      <path d="M4 51 H96" stroke="#cfae5e" strokeWidth={5} />
      <path d="M50 4 V66" {...LINE} strokeDasharray="4 4" />
    </>
  ),
  bubble: (
    <>
      {piece}
      <circle cx={32} cy={36} r={9} {...WRONG} />
    </>
  ),
  burst: (
    <>
      {piece}
      <path d="M50 16 V4 M36 20 L28 8 M64 20 L72 8" {...WRONG} />
    </>
  ),
  torn: (
    <>
      {piece}
      <path d="M38 20 L46 28 L42 34 L52 42" {...WRONG} />
    </>
  ),
  wet: (
    <>
      {piece}
      {tray}
      <path d="M32 52 q5 9 0 13 q-7 -4 0 -13 M52 52 q5 9 0 13 q-7 -4 0 -13" {...WET} />
    </>
  ),
  tray: (
    <>
      {tray}
      <path
        d="M6 56 H40 Q38 36 23 36 Q8 36 6 56 Z M52 56 H94 Q90 36 73 36 Q56 36 52 56 Z"
        {...DOUGH}
      />
    </>
  ),
  touching: (
    <>
      {tray}
      <path
        d="M6 56 H50 Q46 34 28 34 Q10 34 6 56 Z M50 56 H94 Q90 34 72 34 Q54 34 50 56 Z"
        {...DOUGH}
      />
      <path d="M50 26 V64" {...WRONG} />
    </>
  ),
  pot: (
    <>
      {pot}
      <path d="M16 34 q8 -8 16 0 t16 0 t16 0 t16 0" stroke="#7ab4dd" strokeWidth={3} fill="none" />
      <path d="M28 44 H50 Q48 34 39 34 Q30 34 28 44 Z" {...DOUGH} />
    </>
  ),
  floats: (
    <>
      {pot}
      <path d="M16 36 H84" stroke="#7ab4dd" strokeWidth={3} />
      <path d="M36 40 L58 22 Q44 6 34 18 Q26 30 36 40 Z" {...DOUGH} />
      <circle cx={40} cy={22} r={6} {...WRONG} />
    </>
  ),
  clock: (
    <>
      <circle cx={50} cy={37} r={27} {...LINE} />
      <path d="M50 20 V37 L62 44" {...LINE} />
    </>
  ),
  cold: (
    <>
      {piece}
      <path d="M50 30 V46 M43 34 L57 42 M57 34 L43 42" stroke="#7ab4dd" strokeWidth={4} />
    </>
  ),
  soft: <path d="M4 54 H20 Q24 40 36 40 q6 8 12 0 t12 0 t12 0 Q80 42 82 54 H96" {...DOUGH} />,
  scale: (
    <>
      <path d="M14 30 H86 L80 64 H20 Z M34 30 V22 H66 V30" {...LINE} />
      <path d="M38 20 Q50 6 62 20 Z" fill="#8fa87e" />
      <path d="M38 50 H62" {...LINE} />
    </>
  ),
  dust: (
    <>
      {ball}
      <path
        d="M20 12 h2 M32 8 h2 M44 12 h2 M56 8 h2 M68 12 h2 M80 8 h2 M26 20 h2 M74 20 h2"
        {...LINE}
      />
    </>
  ),
} as const satisfies Readonly<Record<string, ReactNode>>;

type SceneId = keyof typeof SCENES;

const OF_SIGNS: Readonly<Record<SignId, SceneId>> = {
  sticky: 'stickyBall',
  crumbly: 'crumbs',
  springsBack: 'roller',
  streaks: 'hand',
  grains: 'hand',
  grey: 'ball',
  tearsInRoller: 'tornSheet',
  sticksInRoller: 'roller',
  cracksAtFold: 'fold',
  runsIntoLip: 'mound',
  pokesThrough: 'torn',
  wontSeal: 'lip',
  slides: 'wet',
  wetPatches: 'wet',
  sticksToTray: 'tray',
  sticksTogether: 'touching',
  opensAtLip: 'lip',
  pops: 'burst',
  tearsInPot: 'torn',
  floatsHigh: 'floats',
  hardEdge: 'edge',
  coldMiddle: 'cold',
  mushyFace: 'soft',
  slickFilm: 'pot',
  fillingLeft: 'fullBowl',
  doughLeft: 'ball',
};

const OF_QUESTIONS: Readonly<Record<QuestionId, SceneId>> = {
  eggs: 'egg',
  wetFrom: 'stickyBall',
  dryFrom: 'crumbs',
  warm: 'hand',
  knead: 'ball',
  kneaded: 'clock',
  pinch: 'fold',
  rested: 'poke',
  speed: 'roller',
  skin: 'ball',
  pass: 'tornSheet',
  light: 'hand',
  dust: 'dust',
  mound: 'mound',
  fillingHow: 'bowl',
  worked: 'bowl',
  lumps: 'mound',
  dose: 'scale',
  lip: 'lip',
  wetted: 'lip',
  stoodOpen: 'air',
  centred: 'off',
  edge: 'edge',
  bubble: 'bubble',
  surface: 'tray',
  stood: 'clock',
  apart: 'touching',
  frozen: 'tray',
  pot: 'pot',
  lifted: 'floats',
  aged: 'clock',
  trim: 'hand',
  reckoned: 'scale',
};

function Scene({ id, className }: { id: SceneId; className: string }) {
  return (
    <svg viewBox="-2 -2 104 80" aria-hidden className={`scene shrink-0 ${className}`}>
      {SCENES[id]}
    </svg>
  );
}

/** What a sign looks like. */
export const SignDrawing = ({ sign, className }: { sign: SignId; className: string }) => (
  <Scene id={OF_SIGNS[sign]} className={className} />
);

/** What a question asks to be looked at. */
export const QuestionDrawing = ({
  question,
  className,
}: {
  question: QuestionId;
  className: string;
}) => <Scene id={OF_QUESTIONS[question]} className={className} />;
