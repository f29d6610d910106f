import { memo, useEffect, useMemo, useRef, useState } from "react";
import type { Draft, Schemas } from "../api/client";
import { FormPicture } from "../kit/FormPicture";
import { useHands } from "../kit/useHands";
import { inside, useKeys } from "../kit/useKeys";
import { useSize } from "../kit/useSize";
import { linesOn, nearestEdge } from "./onPanels";
import { RoundScene, THING_FROM } from "./scene";
import { say } from "../words/say";

interface Props {
  folding: Schemas["FoldingDoc"];
  draft: Draft;
  lit: ReadonlySet<string>;
  onPoint: (edge: string | null) => void;
}

/** What an arrow key turns it by, in radians. */
const STEP = 0.15;

const calm = () => window.matchMedia("(prefers-reduced-motion: reduce)").matches;

/** The sewn form in the round, the thing inside: turned, cut open, and folded flat and back. */
function Round({ folding, draft, lit, onPoint }: Props) {
  const [ref, size] = useSize<HTMLDivElement>();
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useRef<RoundScene | null>(null);
  const [without, setWithout] = useState(false);
  const [share, setShare] = useState(1);
  const [cut, setCut] = useState(false);
  const [turning, setTurning] = useState(false);
  const ready = size.width > 0;

  useEffect(() => {
    if (!canvas.current || !ready) return;
    try {
      scene.current = new RoundScene(canvas.current);
    } catch {
      setWithout(true);
      return;
    }
    return () => {
      scene.current?.dispose();
      scene.current = null;
    };
  }, [ready]);
  useEffect(
    () => scene.current?.setForm(folding, draft.object, draft.solid.carried),
    [folding, draft, ready],
  );
  useEffect(() => {
    if (ready) scene.current?.setSize(size.width, size.height);
  }, [size, ready, without]);
  useEffect(() => scene.current?.setShare(share), [share, ready]);
  useEffect(() => scene.current?.setCut(cut), [cut, folding, ready]);
  const lines = useMemo(() => linesOn(folding, draft, lit), [folding, draft, lit]);
  useEffect(() => scene.current?.setLit(lines), [lines, ready]);
  useEffect(() => {
    if (!turning) return;
    let frame = 0;
    const step = () => {
      scene.current?.turn(0.006, 0);
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [turning]);

  const point = (event: React.PointerEvent) => {
    // While it is turned nothing is pointed at.
    if (event.buttons) return;
    const box = event.currentTarget.getBoundingClientRect();
    const hit = scene.current?.pick(
      ((event.clientX - box.left) / box.width) * 2 - 1,
      1 - ((event.clientY - box.top) / box.height) * 2,
    );
    const panel = hit && folding.panels[hit.panel];
    onPoint(panel ? nearestEdge(draft, panel.piece, hit.flat) : null);
  };
  useHands(canvas, {
    moved: (x, y) => scene.current?.turn(x * 0.008, y * 0.008),
    nearer: (factor) => scene.current?.nearer(factor),
  });
  const act = (does: (scene: RoundScene) => void) => (event: KeyboardEvent) => {
    event.preventDefault();
    if (scene.current) does(scene.current);
  };
  const keys = {
    ArrowLeft: act((scene) => scene.turn(-STEP, 0)),
    ArrowRight: act((scene) => scene.turn(STEP, 0)),
    ArrowUp: act((scene) => scene.turn(0, STEP)),
    ArrowDown: act((scene) => scene.turn(0, -STEP)),
    "[Shift]+([+=])": act((scene) => scene.nearer(1.15)),
    "-": act((scene) => scene.nearer(1 / 1.15)),
  };
  useKeys(keys, inside, canvas);
  return (
    <div className="round">
      <div className="drawing round-view" ref={ref}>
        {ready &&
          (without ? (
            <FormPicture
              facets={facetsAt(folding, share)}
              carried={share > THING_FROM ? draft.solid.carried : []}
              object={share > THING_FROM ? draft.object : null}
              width={size.width}
              height={size.height}
              margin={26}
              label={say("round-still")}
            />
          ) : (
            <canvas
              ref={canvas}
              width={size.width}
              height={size.height}
              tabIndex={0}
              role="img"
              aria-label={say("round-view")}
              data-share={share}
              onPointerMove={point}
              onPointerLeave={(event) => !event.buttons && onPoint(null)}
            />
          ))}
      </div>
      <div className="round-tools">
        <label className="fold">
          <span>{say("round-fold.flat")}</span>
          <input
            type="range"
            min={0}
            max={1}
            step={0.01}
            value={share}
            aria-label={say("round-fold")}
            aria-valuetext={
              share === 1
                ? say("round-fold.sewn")
                : share === 0
                  ? say("round-fold.flat")
                  : say("round-fold.share", { share: Math.round(share * 100) })
            }
            onChange={(event) => setShare(Number(event.target.value))}
          />
          <span>{say("round-fold.sewn")}</span>
        </label>
        {!without && (
          <>
            <button type="button" aria-pressed={cut} onClick={() => setCut(!cut)}>
              {say("round-cut")}
            </button>
            {!calm() && (
              <button type="button" aria-pressed={turning} onClick={() => setTurning(!turning)}>
                {say("round-turn")}
              </button>
            )}
          </>
        )}
      </div>
    </div>
  );
}

export default memo(Round);

/** The panels as they lie at a share of the way, for drawing without WebGL. */
function facetsAt(folding: Schemas["FoldingDoc"], share: number) {
  const along = share * (folding.stages.length - 1);
  const low = Math.min(folding.stages.length - 2, Math.floor(along));
  const [a, b] = [folding.stages[low]!, folding.stages[low + 1]!];
  let at = 0;
  return folding.panels.map((panel) => ({
    ...panel,
    space: panel.flat.map(() => {
      const corner = [0, 1, 2].map((k) => a[at + k]! + (b[at + k]! - a[at + k]!) * (along - low));
      at += 3;
      return corner;
    }),
  }));
}
