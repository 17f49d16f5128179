import type { Part } from '../../composition/compose';
import { findPreparation } from '../../composition/pantry';
import type { Basis } from '../../basis/basis';
import type { Plan } from '../../plan/document/schema';
import { isToMake, type ServiceWork } from './service';

/** What a service takes from a bowl, g. */
export interface BowlShare {
  readonly service: string;
  readonly g: number;
}

/** Dough mixed at once, for one service or for several that share a recipe. */
export interface DoughBowl {
  /** By the first service it is for. */
  readonly id: string;
  readonly services: readonly ServiceWork[];
  readonly totalG: number;
  readonly parts: readonly (Part & {
    readonly name: string;
    readonly count: { readonly n: number; readonly word: 'egg' | 'yolk' } | null;
  })[];
  /** How it is divided; it adds up to the total. */
  readonly shares: readonly BowlShare[];
}

/** Filling made at once. */
export interface FillingBowl {
  readonly id: string;
  readonly services: readonly ServiceWork[];
  readonly totalG: number;
  readonly parts: readonly {
    readonly id: string;
    readonly name: string;
    readonly preparation: string;
    readonly preparationName: string;
    /** As it is bought, and as it goes in, g. */
    readonly g: number;
    readonly preparedG: number;
  }[];
  readonly shares: readonly BowlShare[];
  readonly cookedOffG: number;
}

const DAY_MIN = 1440;

/** A recipe as what decides whether two are the same: parts by their share of it, to a thousandth. */
function recipeKey(parts: readonly { id: string; g: number; preparation?: string }[]): string {
  const total = parts.reduce((sum, { g }) => sum + g, 0) || 1;
  return parts
    .filter(({ g }) => g > 0)
    .map(({ id, g, preparation = '' }) => `${id} ${preparation} ${Math.round((1000 * g) / total)}`)
    .sort()
    .join('|');
}

const doughKey = ({ dough: { parts, style, work, rh, eggG, yolkG } }: Plan): string =>
  JSON.stringify([recipeKey(parts), style, work, rh ?? null, eggG, yolkG]);

const fillingKey = ({ filling: { parts, texture, cookedOffG, air } }: Plan): string => {
  const total = parts.reduce((sum, { g }) => sum + g, 0) || 1;
  return JSON.stringify([recipeKey(parts), texture, Math.round((1000 * cookedOffG) / total), air]);
};

/** Services whose bowl is one: the same recipe, rolled on the same day, and not wanted apart. */
function together(
  works: readonly ServiceWork[],
  key: (plan: Plan) => string,
  apart: (work: ServiceWork) => boolean,
): ServiceWork[][] {
  const bowls: { key: string; day: number | null; of: ServiceWork[] }[] = [];
  // What is frozen is made with whatever has its recipe; what is not decides the day.
  for (const work of [...works].sort((a, b) => Number(a.frozen) - Number(b.frozen))) {
    const { service, plan, atMin, frozen } = work;
    const own = apart(work) ? `own ${service.id}` : `${service.kind === 'class'} ${key(plan)}`;
    const day = frozen && service.ahead === 'frozen' ? null : Math.floor(atMin / DAY_MIN);
    const bowl = bowls.find((each) => each.key === own && (day === null || each.day === day));
    if (bowl) bowl.of.push(work);
    else bowls.push({ key: own, day, of: [work] });
  }
  return bowls.map(({ of }) => of);
}

/**
 * Doughs as they are mixed: plans that share a recipe in one bowl, which is what their plans weigh out, added
 * up. So bowl, card, bench and shopping list are one account. Law: the shares are the parts weighed in.
 */
export function doughBowls(works: readonly ServiceWork[]): DoughBowl[] {
  return together(works.filter(isToMake), doughKey, ({ service }) => service.ownDough).map(
    (services) => {
      const parts = new Map<string, DoughBowl['parts'][number]>();
      for (const { result } of services) {
        for (const { id, name, g, count } of result.dough.parts) {
          const had = parts.get(id);
          parts.set(id, { id, name, g: (had?.g ?? 0) + g, count: addedCount(had, count) });
        }
      }
      const weighed = [...parts.values()].filter(({ g }) => g >= 0.05);
      return {
        id: services[0]!.service.id,
        services,
        totalG: weighed.reduce((sum, { g }) => sum + g, 0),
        parts: weighed,
        shares: services.map(({ service: { id }, result }) => ({
          service: id,
          g: result.dough.totalG,
        })),
      };
    },
  );
}

type Counted = DoughBowl['parts'][number]['count'];

/** Eggs of one more plan in the bowl; null where one of them weighs its eggs. */
const addedCount = (had: { readonly count: Counted } | undefined, more: Counted): Counted =>
  had === undefined ? more : had.count && more && { ...more, n: had.count.n + more.n };

/** Fillings as they are made: the same recipe for several shapes is made at once and divided. Law. */
export function fillingBowls(works: readonly ServiceWork[], basis: Basis): FillingBowl[] {
  return together(works.filter(isToMake), fillingKey, ({ service }) => service.ownFilling).map(
    (services) => {
      const parts = new Map<string, FillingBowl['parts'][number]>();
      for (const { plan, result } of services) {
        result.filling.parts.forEach((line, i) => {
          const { preparation } = plan.filling.parts[i]!;
          const key = `${line.id} ${preparation}`;
          const had = parts.get(key);
          parts.set(key, {
            id: line.id,
            name: line.name,
            preparation,
            preparationName: findPreparation(basis.pantry, preparation, line.id).name,
            g: (had?.g ?? 0) + line.g,
            preparedG: (had?.preparedG ?? 0) + line.preparedG,
          });
        });
      }
      return {
        id: services[0]!.service.id,
        services,
        totalG: services.reduce((sum, { result }) => sum + result.filling.totalG, 0),
        parts: [...parts.values()].filter(({ g }) => g > 0),
        shares: services.map(({ service, result }) => ({
          service: service.id,
          g: result.filling.totalG,
        })),
        cookedOffG: services.reduce((sum, { result }) => sum + result.filling.cookedOffG, 0),
      };
    },
  );
}
