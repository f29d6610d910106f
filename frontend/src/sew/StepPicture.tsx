import type { Schemas } from "../api/client";
import { onScreen, pathOf, type Place } from "../kit/path";
import { useSize } from "../kit/useSize";
import { say } from "../words/say";
import { ToolSign } from "./ToolSign";

type Picture = Schemas["StepPictureDoc"];
type Frame = Schemas["FrameDoc"];
type Item = Frame["items"][number];

/** Room round a drawing for what stands beside it (px). */
const MARGIN = 26;

/** What a step does, drawn: one frame, or what was before beside what comes of it. */
export function StepPicture({ picture, title }: { picture: Picture; title: string }) {
  const [ref, size] = useSize<HTMLDivElement>();
  const count = Math.max(1, picture.frames.length);
  const beside = size.width > size.height * 0.9 || count === 1;
  const width = beside ? size.width / count : size.width;
  const height = beside ? size.height : size.height / count;
  return (
    <div ref={ref} className={`pictured ${beside ? "" : "one-under-the-other"}`}>
      {size.width > 0 &&
        picture.frames.map((frame, i) => (
          <figure key={`${picture.step} ${i}`}>
            <svg
              width={width}
              height={height}
              role="img"
              aria-label={
                count > 1
                  ? say(i ? "sew-picture.after" : "sew-picture.before", { step: title })
                  : say("sew-picture", { step: title })
              }
            >
              <Items frame={frame} place={fitted(frame, width, height)} />
            </svg>
            {frame.caption && <figcaption>{frame.caption}</figcaption>}
          </figure>
        ))}
      <p className="tool-signs">
        {picture.tools.map((tool) => (
          <ToolSign key={tool} tool={tool} />
        ))}
      </p>
    </div>
  );
}

/** As large as there is room for, in the middle. */
export function fitted(frame: Frame, width: number, height: number): Place {
  const [left, low, right, high] = frame.box as [number, number, number, number];
  const scale = Math.min(
    (width - 2 * MARGIN) / Math.max(1, right - left),
    (height - 2 * MARGIN) / Math.max(1, high - low),
  );
  return { scale, x: width / 2 - ((left + right) / 2) * scale, y: height / 2 + ((low + high) / 2) * scale };
}

export function Items({ frame, place }: { frame: Frame; place: Place }) {
  return frame.items.map((item, i) => <Drawn key={i} item={item} place={place} />);
}

function Drawn({ item, place }: { item: Item; place: Place }) {
  switch (item.item) {
    case "cloth": {
      const path = [item.outline, ...item.holes].map((ring) => pathOf(place, ring, true)).join("");
      const role = (item.face === "wrong" && item.covered) || item.role || "bought";
      return (
        <g
          className={`laid ${item.face} ${item.aside ? "aside" : ""}`}
          data-piece={item.piece}
          data-face={item.face}
        >
          <path d={path} fillRule="evenodd" fill={`url(#cloth-${role})`} />
          {item.face === "wrong" && !item.covered && <path className="pale" d={path} fillRule="evenodd" />}
          <path className="rim" d={path} />
        </g>
      );
    }
    case "line": {
      const path = pathOf(place, item.path, false);
      return (
        <g className={`drawn-line ${item.kind} ${item.hidden ? "hidden" : ""}`} data-edge={item.edge}>
          {item.kind === "sew" && !item.hidden && <path className="under" d={path} />}
          <path d={path} />
        </g>
      );
    }
    case "spot": {
      const [x, y] = onScreen(place, item.at[0]!, item.at[1]!);
      return (
        <g className={`spot ${item.kind}`}>
          <circle cx={x} cy={y} r={item.kind === "notch" ? 3 : 5.5} />
          {item.number !== null && (
            <text x={x + 7} y={y + 4}>
              {item.number}
            </text>
          )}
        </g>
      );
    }
    case "arrow":
      return (
        <path className={`way ${item.kind}`} d={pathOf(place, item.path, false)} markerEnd="url(#arrow)" />
      );
    case "letter": {
      const [x, y] = onScreen(place, item.at[0]!, item.at[1]!);
      return (
        <text className="piece-letter" x={x} y={y + 8}>
          {item.text}
          {item.times > 1 && <tspan className="times">{` × ${item.times}`}</tspan>}
        </text>
      );
    }
    case "note": {
      const [x, y] = onScreen(place, item.at[0]!, item.at[1]!);
      return (
        <text className="drawn-note" x={x} y={y + 5}>
          {item.text}
        </text>
      );
    }
  }
}
