import type { Lane } from '@/core/schedule/timetable/lanes';
import { useUnits } from '@/ui/units/UnitsContext';
import { along, type LaneScale } from './laneScale';

/** What stands in a fridge or freezer, tray by tray, over the day. */
export function RoomLevels({
  lane: { name, capacity, levels },
  scale,
  colourOf,
}: {
  lane: Extract<Lane, { kind: 'room' }>;
  scale: LaneScale;
  colourOf: (services: readonly string[]) => string;
}) {
  const { text } = useUnits();
  const services = [...new Set(levels.flatMap(({ trays }) => trays.map(({ service }) => service)))];
  const most = Math.max(capacity, 1);
  const x = (minute: number) => Math.min(100, Math.max(0, along(scale, minute)));
  const sums = levels.map(({ trays }) => trays.reduce((sum, { n }) => sum + n, 0));
  const fullest = Math.max(0, ...sums);
  const words = `${name}: at most ${fullest} at once${
    levels[0] ? `, the first from ${text(levels[0].fromMin, 'timeOfDay')}` : ''
  }`;
  return (
    <svg
      role="img"
      aria-label={words}
      viewBox="0 0 100 10"
      preserveAspectRatio="none"
      className="absolute inset-x-0 inset-y-1.5 h-8 w-full"
    >
      <title>{words}</title>
      {services.map((service, k) =>
        levels.map(({ fromMin, trays }, i) => {
          const until = levels[i + 1]?.fromMin ?? fromMin;
          const n = trays.find((each) => each.service === service)?.n ?? 0;
          const under = trays
            .filter((each) => services.indexOf(each.service) < k)
            .reduce((sum, each) => sum + each.n, 0);
          const [left, right] = [x(fromMin), x(until)];
          if (n === 0 || right <= left) return null;
          return (
            <rect
              key={`${service} ${fromMin}`}
              x={left}
              width={right - left}
              y={10 - (10 * (under + n)) / most}
              height={(10 * n) / most}
              fill={colourOf([service])}
            />
          );
        }),
      )}
      <line x1="0" x2="100" y1="0" y2="0" stroke="var(--board-rule)" strokeWidth="0.2" />
    </svg>
  );
}
