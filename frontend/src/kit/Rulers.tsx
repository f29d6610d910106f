interface Props {
  width: number;
  height: number;
  /** Pixels for each mm, and where both rulers begin. */
  scale: number;
  x: number;
  y: number;
  unit: string;
}

const UNIT_MM: Record<string, number> = { cm: 10, mm: 10, in: 25.4 };
const WIDE = 15;

/** The maker's ruler along the top and the left edge of the table. */
export function Rulers({ width, height, scale, x, y, unit }: Props) {
  const mark = (UNIT_MM[unit] ?? 10) * scale;
  // Numbers stand no closer than they can be read.
  const every = [1, 2, 5, 10, 20, 50, 100].find((n) => n * mark >= 34) ?? 200;
  const ticks = (start: number, end: number) => {
    const found: { at: number; n: number }[] = [];
    const step = mark * every < 60 ? every : every / 5;
    for (let k = Math.ceil(-start / (mark * step)); start + k * mark * step <= end; k++)
      found.push({ at: start + k * mark * step, n: Math.round(k * step * 100) / 100 });
    return found;
  };
  const shown = (n: number) => Math.abs(n % every) < 1e-6;
  return (
    <g className="rulers" aria-hidden>
      <rect className="ruler" width={width} height={WIDE} />
      <rect className="ruler" width={WIDE} height={height} />
      <path
        d={
          ticks(x, width)
            .map(({ at, n }) => `M${at.toFixed(1)} ${WIDE}v${shown(n) ? -7 : -4}`)
            .join("") +
          ticks(y, height)
            .map(({ at, n }) => `M${WIDE} ${at.toFixed(1)}h${shown(n) ? -7 : -4}`)
            .join("")
        }
      />
      {ticks(x, width)
        .filter(({ n, at }) => shown(n) && at > WIDE + 6)
        .map(({ at, n }) => (
          <text key={`x${n}`} x={at + 2} y={9}>
            {n}
          </text>
        ))}
      {ticks(y, height)
        .filter(({ n, at }) => shown(n) && at > WIDE + 10)
        .map(({ at, n }) => (
          <text key={`y${n}`} x={1} y={at - 2}>
            {n}
          </text>
        ))}
      <rect className="ruler" width={WIDE} height={WIDE} />
    </g>
  );
}
