import type { Draft } from "../api/client";
import { say } from "../words/say";

/** Thicker layers are drawn thicker, within what can still be told apart. */
const LEAST = 11;
const MOST = 40;

/** Cuts through the pieces, outside at the top: each layer as thick as it is beside the others, its right side and its glue. */
export function Sections({ draft }: { draft: Draft }) {
  if (draft.sections.length === 0) return null;
  return (
    <section className="sections" aria-label={say("section-title")}>
      <h3>{say("section-title")}</h3>
      {draft.sections.map((section, nth) => (
        <figure key={nth}>
          <figcaption>
            {section.text}{" "}
            <span className="hint">{say("section-thick", { thickness: section.thickness.text })}</span>
          </figcaption>
          <p className="section-side">{say("section-outside")}</p>
          <ol>
            {section.layers.map((layer, i) => {
              const high = Math.min(MOST, Math.max(LEAST, layer.thickness.mm * 7));
              return (
                <li key={i}>
                  <svg width="120" height={high + 6} aria-hidden focusable="false">
                    <rect
                      x="0"
                      y="3"
                      width="120"
                      height={high}
                      fill={`url(#cloth-${layer.role})`}
                      className="layer-cut"
                    />
                    {layer.right && (
                      <path className="right-side" d={`M0 ${layer.right === "out" ? 3 : high + 3}H120`} />
                    )}
                    {layer.glue && (
                      <path className="glue-side" d={`M3 ${layer.glue === "out" ? 3 : high + 3}H120`} />
                    )}
                  </svg>
                  <span>
                    {say("section-of-layer", {
                      material: layer.material,
                      role: layer.role_text,
                      thickness: layer.thickness.text,
                    })}
                    {layer.notes.length > 0 && <small>{layer.notes.join(" · ")}</small>}
                  </span>
                </li>
              );
            })}
          </ol>
          <p className="section-side">{say("section-inside")}</p>
        </figure>
      ))}
      <p className="section-legend hint">
        <svg width="26" height="8" aria-hidden focusable="false">
          <path className="right-side" d="M0 4H26" />
        </svg>
        {say("section-right")}
        {draft.sections.some((section) => section.layers.some((layer) => layer.glue)) && (
          <>
            <svg width="26" height="8" aria-hidden focusable="false">
              <path className="glue-side" d="M3 4H26" />
            </svg>
            {say("section-glue")}
          </>
        )}
      </p>
    </section>
  );
}
