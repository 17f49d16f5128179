import { ALLERGENS, type Allergen } from '@/core/composition/allergens';
import { CheckField } from '@/ui/fields/CheckField';

/** Every listed allergen, each ticked or not; those chosen keep the list's own order. */
export function AllergenChecks({
  legend,
  chosen,
  onChange,
}: {
  legend: string;
  chosen: readonly string[];
  onChange(chosen: Allergen[]): void;
}) {
  return (
    <fieldset>
      <legend className="text-small text-ink-dim">{legend}</legend>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-x-4">
        {ALLERGENS.map((allergen) => (
          <CheckField
            key={allergen}
            label={allergen}
            checked={chosen.includes(allergen)}
            onChange={(checked) =>
              onChange(
                ALLERGENS.filter((each) => (each === allergen ? checked : chosen.includes(each))),
              )
            }
          />
        ))}
      </div>
    </fieldset>
  );
}
