import { defineRules } from '../rule';

const SEAL = 'how firmly two faces join, against a wetted clean one';
const LEFT = 'air left in a pocket by the way it is closed';
const SEEP = 'when the under-face of a piece left on a tray turns';
const TAKES = 'water that what pieces stand on takes up before it is full';

/** Rules of the seal and of the hold: faces, air, seep, what pieces stand on. */
export const holdRules = defineRules({
  'seal.medium.water': [1, 0.1, 'ratio', SEAL],
  'seal.medium.mist': [1, 0.1, 'ratio', SEAL],
  'seal.medium.egg': [1.05, 0.1, 'ratio', SEAL],
  'seal.medium.eggWhite': [1.05, 0.1, 'ratio', SEAL],
  'seal.medium.dry': [0.75, 0.1, 'ratio', 'a fresh moist sheet clings to itself'],
  'seal.medium.tooWet': [0.7, 0.1, 'ratio', 'too much water slides and tacks'],
  'seal.face.clean': [1, 0, 'ratio', 'the measure of the others'],
  'seal.face.floured': [0.6, 0.1, 'ratio', 'flour between two faces keeps them apart'],
  'seal.face.filling': [0.5, 0.1, 'ratio', 'filling or fat on the lip keeps faces apart'],
  'seal.holds': [0.5, 0.08, 'ratio', 'a weaker joint opens in the pot'],
  'seal.air.middle': [0.03, 0.01, 'share', LEFT],
  'seal.air.oneSide': [0.02, 0.008, 'share', LEFT],
  'seal.air.pricked': [0.01, 0.005, 'share', LEFT],
  'seal.air.none': [0.12, 0.04, 'share', 'nothing pressed out'],
  'hold.face.top': [0.5, 0.03, 'share', 'dough that lies against a very wet filling'],
  'hold.face.rise': [0.12, 0.03, 'share', 'that much wetter, at least, than the dough was'],
  'hold.face.water': [0.04, 0.01, 'share', 'free water that gives it two thirds of the way'],
  'hold.tacky': [0.07, 0.015, 'share', SEEP],
  'hold.wetStrength': [0.03, 0.008, 'share', 'a wetted sheet is a third as strong'],
  'hold.diffusion': [40, 12, 'um2PerS', 'water through rolled dough at 20 °C, 33 % moist'],
  'hold.diffusion.moist': [4, 1, 'perShare', 'wet dough passes water sooner'],
  'hold.diffusion.heat': [28, 4, 'kJPerMol', 'cold dough passes water later'],
  'hold.surface.draws': [0.06, 0.02, 'umPerS', 'how readily dry grain or cloth draws on a face'],
  'hold.surface.dry': [0.1, 0.03, 'share', 'that much drier than the dough a face gives no more'],
  'hold.surface.bare': [0, 0, 'gPerM2', 'a smooth tray takes up nothing'],
  'hold.surface.floured': [12, 5, 'gPerM2', TAKES],
  'hold.surface.paper': [16, 6, 'gPerM2', TAKES],
  'hold.surface.semolina': [40, 15, 'gPerM2', TAKES],
  'hold.surface.cloth': [120, 40, 'gPerM2', TAKES],
  'hold.surface.rack': [5000, 1000, 'gPerM2', 'air carries it away'],
  'hold.roomLimit': [120, 0, 'min', 'cold food at room temperature, all times added'],
  'hold.fridgeLimit': [1440, 240, 'min', 'filled pieces chilled: used within the day, or frozen'],
});
