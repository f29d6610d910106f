import { useRef, useState, type PointerEvent } from "react";
import { say } from "../words/say";
import type { Point, useTrace } from "./useTrace";

type Tool = "ruler" | "outline" | "hole";

interface Props {
  trace: ReturnType<typeof useTrace>;
  errors: Record<string, string>;
  /** The photo it is traced on, to be kept with it. */
  onPhoto: (photo: File) => void;
}

const TOOLS: [Tool, string, string][] = [
  ["ruler", say("trace-ruler"), say("trace-ruler.help")],
  ["outline", say("trace-outline"), say("trace-outline.help")],
  ["hole", say("trace-hole"), say("trace-hole.help")],
];

/** A scrap's outline pointed out, on a photo with a ruler in it or on an empty sheet. */
export function Trace({ trace, errors, onPhoto }: Props) {
  const { pointed, point, told, wrong } = trace;
  const { ruler, points, avoided } = pointed;
  const [photo, setPhoto] = useState<{ url: string; width: number; height: number } | null>(null);
  const [tool, setTool] = useState<Tool>("outline");
  const [unread, setUnread] = useState("");
  const picture = useRef<SVGSVGElement>(null);
  const size = photo ?? trace.sheet;

  const pointAt = (event: PointerEvent<SVGSVGElement>) => {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(
      picture.current!.getScreenCTM()!.inverse(),
    );
    const spot: Point = [Math.round(at.x * 10) / 10, Math.round(at.y * 10) / 10];
    point((now) => {
      if (tool === "ruler") return { ruler: now.ruler.length >= 2 ? [spot] : [...now.ruler, spot] };
      if (tool === "outline") return { points: [...now.points, spot] };
      return { avoided: [...now.avoided.slice(0, -1), [...(now.avoided.at(-1) ?? []), spot]] };
    });
  };
  const back = () =>
    point((now) => {
      if (tool === "ruler") return { ruler: [] };
      if (tool === "outline") return { points: now.points.slice(0, -1) };
      const [before, last] = [now.avoided.slice(0, -1), now.avoided.at(-1) ?? []];
      return { avoided: last.length > 1 ? [...before, last.slice(0, -1)] : before };
    });
  const choose = (file: File) => {
    const reader = new FileReader();
    reader.onload = () => {
      // Its own bytes, not an address: pictures come from here or from the page itself.
      const url = reader.result as string;
      const image = new Image();
      image.onload = () => {
        setPhoto({ url, width: image.naturalWidth, height: image.naturalHeight });
        point(() => ({ ruler: [], points: [], avoided: [] }));
        setUnread("");
        setTool("ruler");
        onPhoto(file);
      };
      image.onerror = () => setUnread(say("trace-no-photo"));
      image.src = url;
    };
    reader.readAsDataURL(file);
  };
  const line = (ring: Point[]) => ring.map(([x, y]) => `${x},${y}`).join(" ");
  const dot = size.width / 120;
  const problem =
    wrong.ruler ??
    wrong.ruler_length ??
    wrong.outline ??
    wrong.holes ??
    (unread || undefined) ??
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
              if (id === "hole" && (avoided.at(-1)?.length ?? 0) !== 0)
                point((now) => ({ avoided: [...now.avoided, []] }));
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
            value={pointed.long}
            size={9}
            onChange={(event) => point(() => ({ long: event.target.value }))}
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
        onPointerDown={pointAt}
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
            : trace.kept
              ? say("trace-kept")
              : say("trace-begin")}
        </p>
      )}
    </div>
  );
}
