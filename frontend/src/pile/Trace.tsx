import { useRef, useState, type PointerEvent } from "react";
import { api, byField, Refused, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { boxOf } from "../kit/path";
import { say } from "../words/say";

type Unit = Schemas["TraceAsked"]["unit"];
type Point = [number, number];
type Tool = "ruler" | "outline" | "hole";

interface Props {
  unit: Unit;
  outline: number[][];
  holes: number[][][];
  errors: Record<string, string>;
  onTraced: (outline: number[][], holes: number[][][]) => void;
  /** The photo it is traced on, to be kept with it. */
  onPhoto: (photo: File) => void;
}

/** The drawing sheet where there is no photo: a point for every mm, with a line to tell by how long it is. */
const SHEET = { width: 600, height: 420 };
const EDGE = 24;
/** As long as it says, on either ruler (mm). */
const LONG = { cm: 300, mm: 300, in: 304.8 };
const TOOLS: [Tool, string, string][] = [
  ["ruler", say("trace-ruler"), say("trace-ruler.help")],
  ["outline", say("trace-outline"), say("trace-outline.help")],
  ["hole", say("trace-hole"), say("trace-hole.help")],
];

/** A scrap's outline pointed out, on a photo with a ruler in it or on an empty sheet; what it measures the server tells. */
export function Trace({ unit, outline, holes, errors, onTraced, onPhoto }: Props) {
  const [photo, setPhoto] = useState<{ url: string; width: number; height: number } | null>(null);
  const [tool, setTool] = useState<Tool>("outline");
  const box = outline.length ? boxOf(outline) : null;
  // What is kept already lies on the sheet as it is.
  const sheet = {
    width: Math.max(SHEET.width, (box?.x1 ?? 0) + 2 * EDGE),
    height: Math.max(SHEET.height, (box?.y1 ?? 0) + 3 * EDGE),
  };
  const onSheet = (ring: number[][]) =>
    ring.map(([x, y]): Point => [x! + EDGE, sheet.height - 2 * EDGE - y!]);
  const [first] = useState({ points: onSheet(outline), holes: holes.map(onSheet), sheet });
  const [ruler, setRuler] = useState<Point[]>([
    [EDGE, first.sheet.height - EDGE],
    [EDGE + LONG[unit], first.sheet.height - EDGE],
  ]);
  const [long, setLong] = useState({ cm: "30 cm", in: "12 in", mm: "300 mm" }[unit]);
  const [points, setPoints] = useState<Point[]>(first.points);
  const [avoided, setAvoided] = useState<Point[][]>(first.holes);
  const [told, setTold] = useState<{ width: string; height: string } | null>(null);
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const picture = useRef<SVGSVGElement>(null);
  const size = photo ?? first.sheet;

  const look = async (next: { points?: Point[]; avoided?: Point[][]; ruler?: Point[]; long?: string }) => {
    const asked = { points, avoided, ruler, long, ...next };
    if (asked.points.length < 3) return;
    try {
      const body = {
        unit,
        ruler: asked.ruler,
        ruler_length: asked.long,
        outline: asked.points,
        holes: asked.avoided.filter((hole) => hole.length >= 3),
      };
      const found = unwrap(await api.POST("/api/pile/trace", { body }));
      setWrong({});
      setTold(found);
      onTraced(found.outline, found.holes);
    } catch (error) {
      setTold(null);
      setWrong(error instanceof Refused ? byField(error.problem) : { outline: troubleOf(error) });
    }
  };
  const point = (event: PointerEvent<SVGSVGElement>) => {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(
      picture.current!.getScreenCTM()!.inverse(),
    );
    const spot: Point = [Math.round(at.x * 10) / 10, Math.round(at.y * 10) / 10];
    if (tool === "ruler") {
      const next = ruler.length >= 2 ? [spot] : [...ruler, spot];
      setRuler(next);
      if (next.length === 2) void look({ ruler: next });
    } else if (tool === "outline") {
      const next = [...points, spot];
      setPoints(next);
      void look({ points: next });
    } else {
      const next = [...avoided.slice(0, -1), [...(avoided.at(-1) ?? []), spot]];
      setAvoided(next);
      void look({ avoided: next });
    }
  };
  const back = () => {
    if (tool === "ruler") setRuler([]);
    else if (tool === "outline") {
      const next = points.slice(0, -1);
      setPoints(next);
      void look({ points: next });
    } else {
      const last = avoided.at(-1) ?? [];
      const next = last.length > 1 ? [...avoided.slice(0, -1), last.slice(0, -1)] : avoided.slice(0, -1);
      setAvoided(next);
      void look({ avoided: next });
    }
  };
  const choose = (file: File) => {
    const reader = new FileReader();
    reader.onload = () => {
      // Its own bytes, not an address: pictures come from here or from the page itself.
      const url = reader.result as string;
      const image = new Image();
      image.onload = () => {
        setPhoto({ url, width: image.naturalWidth, height: image.naturalHeight });
        setRuler([]);
        setPoints([]);
        setAvoided([]);
        setWrong({});
        setTool("ruler");
        onPhoto(file);
      };
      image.onerror = () => setWrong({ photo: say("trace-no-photo") });
      image.src = url;
    };
    reader.readAsDataURL(file);
  };
  const line = (ring: Point[]) => ring.map(([x, y]) => `${x},${y}`).join(" ");
  const dot = size.width / 120;
  const kept = outline.length > 0 && !told;
  const problem =
    wrong.ruler ??
    wrong.ruler_length ??
    wrong.outline ??
    wrong.holes ??
    wrong.photo ??
    errors.outline ??
    errors.holes;
  return (
    <div className="trace">
      <p className="trace-tools" role="group" aria-label={say("trace-tools")}>
        {TOOLS.map(([id, text, help]) => (
          <button
            key={id}
            type="button"
            className="button"
            aria-pressed={tool === id}
            title={help}
            onClick={() => {
              if (id === "hole" && (avoided.at(-1)?.length ?? 0) !== 0) setAvoided([...avoided, []]);
              setTool(id);
            }}
          >
            {text}
          </button>
        ))}
        <button type="button" className="button" onClick={back}>
          {say("trace-back")}
        </button>
      </p>
      <p className="hint">{TOOLS.find(([id]) => id === tool)![2]}</p>
      <p className="trace-row">
        <label>
          {say("trace-long")}{" "}
          <input
            value={long}
            size={9}
            onChange={(event) => {
              setLong(event.target.value);
              void look({ long: event.target.value });
            }}
          />
        </label>
        <label>
          {say("trace-photo")}{" "}
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            onChange={(event) => event.target.files?.[0] && choose(event.target.files[0])}
          />
        </label>
      </p>
      <svg
        ref={picture}
        className="trace-picture"
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="img"
        aria-label={say("trace-picture")}
        onPointerDown={point}
      >
        <rect width={size.width} height={size.height} className="trace-sheet" />
        {photo && <image href={photo.url} width={size.width} height={size.height} />}
        <polygon className="trace-outline" points={line(points)} vectorEffect="non-scaling-stroke" />
        {points.map(([x, y], nth) => (
          <circle key={nth} className="trace-dot" cx={x} cy={y} r={dot} />
        ))}
        {avoided.map((hole, nth) => (
          <polygon key={nth} className="trace-hole" points={line(hole)} vectorEffect="non-scaling-stroke" />
        ))}
        <polyline className="trace-ruler" points={line(ruler)} vectorEffect="non-scaling-stroke" />
        {ruler.map(([x, y], nth) => (
          <circle key={nth} className="trace-end" cx={x} cy={y} r={dot} />
        ))}
      </svg>
      {problem ? (
        <p className="measure-error static" role="alert">
          {problem}
        </p>
      ) : (
        <p aria-live="polite">
          {told
            ? say("trace-told", { width: told.width, height: told.height })
            : kept
              ? say("trace-kept")
              : say("trace-begin")}
        </p>
      )}
    </div>
  );
}
