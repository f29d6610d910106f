import type { ObjectView, Schemas } from "../api/client";
import { Measure } from "./Measure";
import { onScreen, pathOf, type Place } from "./path";
import { useSize } from "./useSize";
import { say } from "../words/say";

export function silhouette(view: ObjectView, place: Place): string {
  const right = view.radii.map(([h, r]) => onScreen(place, r!, h!));
  const left = [...view.radii].reverse().map(([h, r]) => onScreen(place, -r!, h!));
  return "M" + [...right, ...left].map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L") + "Z";
}

/** A thing as it stands, or hardware by its lines. */
export function outlineOf(view: ObjectView, place: Place): string {
  return view.lines.length > 0
    ? view.lines.map((line) => pathOf(place, line, false)).join("")
    : silhouette(view, place);
}

interface Props {
  view: ObjectView;
  inputs: Schemas["InputDoc"][];
  labels: Record<string, { label: string; help: string }>;
  errors: Record<string, string>;
  onChange: (field: string, text: string) => void;
}

const LEVEL = [
  "girth",
  "diameter",
  "base_diameter",
  "rim_diameter",
  "handle_out",
  "neck_diameter",
  "width",
  "board_width",
  "spine",
];

/** Room for the measures across its foot and its top, in pixels. */
const UNDER = 80;
const OVER = 70;

/** The thing from the side, each measure edited where the tape goes. */
export function ThingDrawing({ view, inputs, labels, errors, onChange }: Props) {
  const [ref, size] = useSize<HTMLDivElement>();
  const height = Math.max(...view.radii.map((p) => p[0]!));
  const radius = Math.max(...view.radii.map((p) => p[1]!));
  // Right of the front may stand its narrow side, or a handle.
  const reach = Math.max(radius, ...view.beside.map((p) => p[0]!));
  const roomy = size.width > 300;
  // In a narrow place only the main measures are edited; the others stay on the thing's own stage.
  const minor = ["neck_height", "shoulder_height", "neck_diameter"];
  const shown = view.dimensions.filter((d) => roomy || !minor.includes(d.field.split(".")[1]!));
  const drawn = new Set(shown.map((d) => d.field));
  const others = roomy ? inputs.filter((i) => i.field.startsWith("object.") && !drawn.has(i.field)) : [];
  const under = UNDER + (others.length > 0 ? 40 : 0);
  // Left of the thing lie the heights of shoulder and neck, right of it its own height.
  const left = roomy && view.dimensions.some((d) => d.field.includes("neck")) ? 152 : roomy ? 40 : 12;
  const right = roomy ? 84 : 80;
  const across = (size.width - left - right) / (radius + reach);
  const scale = Math.max(
    0.05,
    Math.min(across, (size.height - under - OVER) / height, view.lines.length > 0 ? 6 : Infinity),
  );
  const spare = size.width - left - right - (radius + reach) * scale;
  const place: Place = { x: left + spare / 2 + radius * scale, y: size.height - under, scale };
  const known = new Map(inputs.map((input) => [input.field, input]));
  const lanes: Record<string, { away: number; along: number }> = {
    shoulder_height: { away: 48, along: 0.3 },
    neck_height: { away: 104, along: 0.74 },
  };
  const dims = shown.map((d) => {
    const name = d.field.split(".")[1]!;
    const [x0, y0] = onScreen(place, d.start[0]!, d.start[1]!);
    const [x1, y1] = onScreen(place, d.end[0]!, d.end[1]!);
    if (view.lines.length > 0) {
      const y = name === "hand_girth" ? y0 - 16 : Math.max(y0, y1) + 18;
      const at = [(x0 + x1) / 2, y] as const;
      return { d, name, x0, y0, x1, y1, at, level: true };
    }
    if (!LEVEL.includes(name) && !(name === "depth" && d.start[1] === d.end[1])) {
      const lane = lanes[name];
      const x = lane
        ? place.x - radius * scale - lane.away
        : place.x + Math.max(reach * scale + 36, roomy ? 92 : 0);
      const y = y0 + (y1 - y0) * (lane?.along ?? (roomy ? 0.5 : 0.9));
      return { d, name, x0: x, y0, x1: x, y1, at: [x, y] as const, level: false };
    }
    const below = ["base_diameter", "width", "board_width"].includes(name);
    const above = ["neck_diameter", "rim_diameter", "spine", "depth", "handle_out"].includes(name);
    const y = below ? y0 + 20 : above ? y0 - 14 : y0;
    // A line shorter than its number stays in sight beside it.
    const lift = (x1 - x0 > 110 ? 10 : 28) * (below ? 1 : above ? -1 : 0);
    return { d, name, x0, y0: y, x1, y1: y, at: [(x0 + x1) / 2, y + lift] as const, level: true };
  });
  return (
    <div className="drawing thing-drawing" ref={ref}>
      {size.width > 0 && (
        <>
          <svg width={size.width} height={size.height} role="img" aria-label={say("thing-view")}>
            {view.lines.length === 0 && (
              <path
                className="table-line"
                d={`M${place.x - radius * scale - 40} ${place.y}H${place.x + reach * scale + 60}`}
              />
            )}
            <path className="glass" fillRule="evenodd" d={outlineOf(view, place)} />
            {view.beside.length > 0 && <path className="glass" d={pathOf(place, view.beside, true)} />}
            {dims.map(({ d, name, x0, y0, x1, y1, level }) => (
              <g key={d.field} className="dimension">
                {!level && <path className="witness" d={`M${place.x} ${y1}H${x1}`} />}
                {name === "girth" ? (
                  <path className="tape-round" d={`M${x0} ${y0}Q${(x0 + x1) / 2} ${y0 + 14} ${x1} ${y1}`} />
                ) : (
                  <path d={`M${x0} ${y0}L${x1} ${y1}`} markerStart="url(#arrow)" markerEnd="url(#arrow)" />
                )}
              </g>
            ))}
          </svg>
          {dims.map(({ d, at }) => {
            const input = known.get(d.field);
            const text = labels[d.field];
            if (!text) return null;
            return (
              <div key={d.field} className="pin" style={{ left: at[0], top: at[1] }}>
                {input && (
                  <Measure
                    input={input}
                    label={text.label}
                    help={text.help}
                    error={errors[d.field]}
                    onChange={onChange}
                  />
                )}
                <span className="pin-label" aria-hidden>
                  {text.label}
                </span>
              </div>
            );
          })}
          {others.length > 0 && (
            <div className="others">
              {others.map((input) => (
                <Measure
                  key={input.field}
                  input={input}
                  showLabel
                  label={labels[input.field]?.label ?? input.field}
                  help={labels[input.field]?.help}
                  error={errors[input.field]}
                  onChange={onChange}
                />
              ))}
            </div>
          )}
        </>
      )}
    </div>
  );
}
