import { classShares } from '../classShares';
import { GEAR } from './gear';
import type { ServiceWork } from './service';
import { add, link, mode, takes, type TaskList } from './taskList';

/**
 * A class as people run it: shares weighed out and labelled before it, a demonstration that all watch, then
 * the pairs in waves, as many at a time as there are rollers, each filling what it rolled while the next wave
 * rolls; at the end everybody bags and labels what they take home.
 */
export function classTasks(
  list: TaskList,
  { service, plan, atMin, layings, rollMin, pieceMin, result }: ServiceWork,
  { dough, filling }: { dough: number; filling: number },
): void {
  const { rules } = list.basis;
  const rollers = list.gear.find(({ id }) => id === GEAR.rollers)!.capacity;
  const { pairs, shares: count, piecesEach } = classShares(service, result);
  const group = service.id;
  const services = [service.id];
  const learner = rules['day.learner'].value;
  const demoMin = rules['day.demonstration'].value;
  const homeMin = rules['day.takeHome'].value;

  const shares = add(
    list,
    {
      id: `${group}/shares`,
      group,
      release: Math.floor(atMin / 1440) * 1440,
      modes: [mode(rules['day.share'].value * count, ['mix'])],
    },
    {
      kind: 'shares',
      services,
      of: `${pairs} pairs and one spare, each with a label`,
      g: result.dough.totalG + result.filling.totalG,
    },
  );
  link(list, dough, shares, { least: plan.dough.work.restMin });
  link(list, filling, shares);

  const demo = add(
    list,
    {
      id: `${group}/demo`,
      group,
      release: atMin,
      deadline: atMin + Math.ceil(demoMin),
      modes: [mode(demoMin, ['fill'], rollers > 0 ? [takes(list, GEAR.rollers)] : [])],
    },
    { kind: 'demo', services, of: 'all pairs watch' },
  );
  link(list, shares, demo, { most: 120 });
  link(list, dough, demo, { most: rules['day.doughKeeps'].value });

  // So many pairs roll at once, the others wait for a roller; without any, all roll by pin at once.
  const atOnce = rollers > 0 ? Math.min(rollers, pairs) : pairs;
  const waves = Math.ceil(pairs / atOnce);
  const sheetsEach = Math.max(1, Math.ceil(layings.length / count));
  const waveMin = Math.ceil(learner * sheetsEach * rollMin);
  const fillMin = Math.ceil((learner * piecesEach * pieceMin) / HANDS_OF_A_PAIR);
  const benchMin = waves * waveMin + fillMin;
  const session = add(
    list,
    {
      id: `${group}/session`,
      group,
      modes: [mode(benchMin, ['fill'])],
    },
    {
      kind: 'session',
      services,
      of: `go round ${pairs === 1 ? 'the pair' : `${pairs} pairs`}`,
      pieces: result.counts.made,
    },
  );
  link(list, demo, session, { most: IDLE_MIN });
  // A class goes by the clock: an open sheet does not wait until somebody is free.
  const startMin = atMin + Math.ceil(demoMin);
  const at = (fromMin: number, minutes: number) => ({
    release: fromMin,
    deadline: fromMin + minutes,
  });
  let before = demo;
  const fills: number[] = [];
  for (let wave = 1; wave <= waves; wave += 1) {
    const from = (wave - 1) * atOnce + 1;
    const to = Math.min(pairs, wave * atOnce);
    const of = from === to ? `pair ${from}` : `pairs ${from} to ${to}`;
    const roll = add(
      list,
      {
        id: `${group}/roll/${wave}`,
        group,
        ...at(startMin + (wave - 1) * waveMin, waveMin),
        modes: [mode(waveMin, [], rollers > 0 ? [takes(list, GEAR.rollers, to - from + 1)] : [])],
      },
      { kind: 'pairsRoll', services, of },
    );
    link(list, before, roll);
    const fill = add(
      list,
      {
        id: `${group}/fill/${wave}`,
        group,
        ...at(startMin + wave * waveMin, fillMin),
        modes: [mode(fillMin)],
      },
      { kind: 'pairsFill', services, of, pieces: piecesEach * (to - from + 1) },
    );
    link(list, roll, fill);
    before = roll;
    fills.push(fill);
  }
  const end = atMin + Math.ceil(demoMin) + benchMin + Math.ceil(homeMin);
  const home = add(
    list,
    {
      id: `${group}/takeHome`,
      group,
      deadline: Math.ceil(end),
      modes: [mode(homeMin, ['fill'])],
    },
    { kind: 'takeHome', services, of: `${piecesEach} pieces a pair, labelled` },
  );
  for (const fill of fills) link(list, fill, home);
  link(list, session, home, { most: IDLE_MIN });
}

/** Two hands of a pair fill at once. */
const HANDS_OF_A_PAIR = 2;

/** A class stands idle no longer than this between two things, min. */
const IDLE_MIN = 10;
