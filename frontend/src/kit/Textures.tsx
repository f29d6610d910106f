/** Cloth roles told by texture as well as tone. One copy on the page; pieces refer to it by id. */
export function Textures() {
  return (
    <svg width="0" height="0" className="textures" aria-hidden focusable="false">
      <defs>
        <marker
          id="arrow"
          viewBox="0 0 8 8"
          refX="7"
          refY="4"
          markerWidth="8"
          markerHeight="8"
          orient="auto-start-reverse"
        >
          <path d="M0 1L7 4L0 7z" fill="var(--ink)" />
        </marker>
        <pattern
          id="cloth-outer"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="7" height="7" fill="var(--outer)" />
          <path d="M0 0v7" stroke="var(--outer-line)" strokeWidth="1" />
        </pattern>
        <pattern id="cloth-lining" width="7" height="7" patternUnits="userSpaceOnUse">
          <rect width="7" height="7" fill="var(--lining)" />
          <circle cx="2" cy="2" r="0.8" fill="var(--lining-line)" />
        </pattern>
        <pattern id="cloth-interfacing" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--stiff)" />
          <path d="M0 3h6 M3 0v6" stroke="var(--stiff-line)" strokeWidth="0.5" />
        </pattern>
        <pattern id="cloth-padding" width="12" height="8" patternUnits="userSpaceOnUse">
          <rect width="12" height="8" fill="var(--pad)" />
          <path d="M0 4q3-4 6 0t6 0" fill="none" stroke="var(--pad-line)" strokeWidth="1" />
        </pattern>
        <pattern id="cloth-mesh" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--paper)" />
          <path d="M0 0l6 6M6 0l-6 6" stroke="var(--stiff-line)" strokeWidth="0.8" />
        </pattern>
        <pattern id="cloth-contrast" width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill="var(--contrast)" />
          <path d="M0 4h8" stroke="var(--contrast-line)" strokeWidth="1" />
        </pattern>
        <pattern id="cloth-binding" width="5" height="10" patternUnits="userSpaceOnUse">
          <rect width="5" height="10" fill="var(--binding)" />
          <path d="M2.5 0v10" stroke="var(--binding-line)" strokeWidth="1.2" />
        </pattern>
        <pattern id="cloth-bought" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="var(--paper)" />
          <circle cx="2" cy="2" r="0.5" fill="var(--soft-ink)" />
        </pattern>
      </defs>
    </svg>
  );
}

export const ROLES = [
  "outer",
  "lining",
  "interfacing",
  "padding",
  "mesh",
  "contrast",
  "binding",
  "bought",
] as const;

export function Swatch({ role }: { role: string }) {
  return (
    <svg width="26" height="16" className="swatch" aria-hidden>
      <rect x="0.5" y="0.5" width="25" height="15" fill={`url(#cloth-${role})`} stroke="var(--ink)" />
    </svg>
  );
}
