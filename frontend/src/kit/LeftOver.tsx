interface Props {
  /** How far the cloth's usable width begins from the left, and how high the drawing is (mm). */
  left: number;
  high: number;
  rest: { box: number[]; text: string }[];
}

/** What nothing is cut from, with its size written no wider than it is. */
export function LeftOver({ left, high, rest }: Props) {
  return rest.map(({ box, text }) => {
    const [x0, y0, x1, y1] = box as [number, number, number, number];
    return (
      <g key={box.join(" ")} className="left-over">
        <rect
          x={left + x0}
          y={high - y1}
          width={x1 - x0}
          height={y1 - y0}
          vectorEffect="non-scaling-stroke"
        />
        <text
          x={left + (x0 + x1) / 2}
          y={high - (y0 + y1) / 2 + 9}
          style={{ fontSize: Math.min(26, (1.7 * (x1 - x0)) / text.length) }}
        >
          {text}
        </text>
      </g>
    );
  });
}
