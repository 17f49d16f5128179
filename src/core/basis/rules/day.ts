import { defineRules } from '../rule';

const WORK = 'a practised cook, everything at hand';

/** Rules of a day's clock: how long work takes that no plan says, and how long things keep. */
export const dayRules = defineRules({
  'day.mix': [5, 2, 'min', WORK],
  'day.mixPerKg': [3, 1, 'min', WORK],
  'day.knead.hand': [1200, 300, 'g', 'more dough than two hands can fold at once'],
  'day.knead.mixer': [2500, 700, 'g', 'a bench mixer’s bowl'],
  'day.knead.processor': [600, 150, 'g', 'a processor’s bowl'],
  'day.bind': [6, 2, 'min', WORK],
  'day.bindPerKg': [4, 1.5, 'min', WORK],
  'day.prepPerKg': [8, 3, 'min', 'peeling, trimming and cutting'],
  'day.doughKeeps': [1440, 240, 'min', 'egg dough greys within a day in the fridge'],
  'day.fillingKeeps': [2880, 720, 'min', 'a cooked filling, cold, within two days'],
  'day.spare': [15, 5, 'min', 'between the last tray and the pot'],
  'day.freezes': [90, 30, 'min', 'flat on a tray until hard'],
  'day.frozenKeeps': [60, 20, 'count', 'frozen pieces, in days, before they taste of the freezer'],
  'day.bag': [4, 1, 'min', 'a tray bagged and labelled'],
  'day.plate': [0.4, 0.15, 'min', 'a portion sauced and plated'],
  'day.boiledWaits': [10, 3, 'min', 'boiled pieces kept in their sauce soften'],
  'day.potCold': [15, 3, 'C', 'water from the tap'],
  'day.share': [3, 1, 'min', 'a pair’s dough and filling weighed out'],
  'day.demonstration': [15, 4, 'min', 'one piece made slowly, from portion to sealed edge'],
  'day.takeHome': [15, 4, 'min', 'pieces bagged and labelled, benches cleaned down'],
  'day.learner': [3, 1, 'ratio', 'hands that do it for the first time'],
  'day.ribbons': [12, 4, 'min', 'trim rolled once and cut'],
  'day.sure': [0.2, 0.05, 'share', 'how far a time of work may be off either way'],
});
