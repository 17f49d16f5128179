import { defineRules } from '../rule';

const LAID = 'height to radius of a mound, by the way it is put down';
const DRAPE = 'how thin a sheet comes out over a dome';
const FINISH = 'lips of batches that cooks make and cook whole';
const EDGE = 'what the finish leaves of a double edge';
const SECONDS = 'one practised pair of hands: fill, close and cut; time ten of your own';

/** Rules of the piece: the mound, the lip, the edge, the hands. */
export const shapeRules = defineRules({
  'shape.laid.ball': [1, 0.1, 'ratio', LAID],
  'shape.laid.ring': [0.85, 0.1, 'ratio', 'gathered under the sheet with a dull ring'],
  'shape.laid.piped': [0.75, 0.08, 'ratio', LAID],
  'shape.laid.spooned': [0.6, 0.08, 'ratio', LAID],
  'shape.wrap.length': [1.3, 0.15, 'ratio', 'a lump folded in the hand lies along the fold'],
  'shape.wrap.thickness': [0.8, 0.1, 'ratio', 'a lump folded in the hand is a little flat'],
  'shape.log.width': [1.15, 0.05, 'ratio', 'a piped log settles a little wider than round'],
  'shape.underfilled': [0.6, 0.1, 'share', 'a pocket less full than this keeps air and wrinkles'],
  'shape.leastFill': [
    0.2,
    0.1,
    'share',
    'of what a blank can carry: with less in it a piece eats as dough',
  ],
  'shape.pressedLoad': [6, 2, 'ratio', 'load of a sheet pressed down round a mound'],
  'shape.drape.draped': [0.35, 0.1, 'ratio', DRAPE],
  'shape.drape.stretched': [0.7, 0.15, 'ratio', DRAPE],
  'shape.drape.moulded': [1, 0.15, 'ratio', DRAPE],
  'shape.tears': [0.35, 0.06, 'mm', 'a thinner sheet tears over the filling'],
  'shape.finish.fork': [5, 0.8, 'mm', FINISH],
  'shape.finish.wheel': [4, 0.7, 'mm', FINISH],
  'shape.finish.cutter': [4, 0.7, 'mm', FINISH],
  'shape.finish.press': [4, 0.7, 'mm', FINISH],
  'shape.finish.pinch': [2, 0.5, 'mm', FINISH],
  'shape.finish.mould': [2.5, 0.4, 'mm', 'ridges of trays whose pieces hold'],
  'shape.finish.layers': [
    1,
    0.3,
    'ratio',
    'a thicker sheet wants a wider lip, so many times itself',
  ],
  'shape.edge.fork': [0.65, 0.08, 'share', EDGE],
  'shape.edge.wheel': [0.75, 0.08, 'share', EDGE],
  'shape.edge.cutter': [0.9, 0.06, 'share', EDGE],
  'shape.edge.press': [0.9, 0.06, 'share', EDGE],
  'shape.edge.pinch': [0.6, 0.08, 'share', EDGE],
  'shape.edge.mould': [0.75, 0.08, 'share', EDGE],
  'shape.seconds.ravioliSquare': [8, 3, 's', SECONDS],
  'shape.seconds.ravioliRound': [10, 3, 's', SECONDS],
  'shape.seconds.ravioliRectangle': [8, 3, 's', SECONDS],
  'shape.seconds.ravioliTriangle': [9, 3, 's', SECONDS],
  'shape.seconds.stampedRound': [11, 4, 's', SECONDS],
  'shape.seconds.mouldedRavioli': [5, 2, 's', SECONDS],
  'shape.seconds.halfMoon': [12, 4, 's', SECONDS],
  'shape.seconds.foldedTriangle': [10, 4, 's', SECONDS],
  'shape.seconds.bonnet': [16, 5, 's', SECONDS],
  'shape.seconds.tortelloni': [18, 6, 's', SECONDS],
  'shape.seconds.cappelletti': [14, 5, 's', SECONDS],
  'shape.seconds.agnolottiPinched': [4, 1.5, 's', SECONDS],
  'shape.seconds.agnolottiFlat': [6, 2, 's', SECONDS],
});
