import type { Schemas } from "../api/client";
import { say } from "../words/say";

interface Props {
  evening: Schemas["PlanEvening"];
  places: Schemas["PlanPlace"][];
  /** Of the evening (min). */
  length: number;
}

/** Of the drawing: how high a lane and the tape below are, and how wide the names; a minute is as wide as the evening allows. */
const LANE = 34;
const TAPE = 26;
const NAMES = 84;
const WIDE = 1000;
/** So many minutes between two marks that are told. */
const MARK = 10;

/** An evening along a tape of minutes: in a lane for every place what is done there, and on which makes; hatched what lies still. */
export function TimeLine({ evening, places, length }: Props) {
  const lanes = places.filter((place) => evening.rows.some((row) => row.place === place.id));
  const end = Math.max(length, ...evening.rows.map((row) => row.begin + row.minutes));
  const x = (minute: number) => NAMES + (minute / end) * (WIDE - NAMES);
  const rests = evening.rests.length > 0 ? 1 : 0;
  const high = (lanes.length + rests) * LANE + TAPE;
  const marks = [...Array(Math.floor(end / MARK) + 1).keys()];
  return (
    <div
      className="time-scroll"
      tabIndex={0}
      role="region"
      aria-label={say("batch-line", { day: evening.day })}
    >
      <svg className="time-line" viewBox={`0 0 ${WIDE} ${high}`} role="img" aria-label={evening.text}>
        {lanes.map((lane, nth) => (
          <g key={lane.id} className={`lane lane-${lane.id}`} transform={`translate(0 ${nth * LANE})`}>
            <line x1={NAMES} x2={WIDE} y1={LANE / 2} y2={LANE / 2} />
            <text x={0} y={LANE / 2 + 5}>
              {lane.name}
            </text>
            {evening.rows
              .filter((row) => row.place === lane.id)
              .map((row) => {
                const wide = x(row.begin + row.minutes) - x(row.begin);
                const letters = row.makes.join(" ");
                return (
                  <g key={row.tasks[0]} transform={`translate(${x(row.begin)} 0)`}>
                    <title>{`${row.title}: ${letters}, ${row.text}`}</title>
                    <rect y={4} width={Math.max(2, wide)} height={LANE - 8} rx={3} />
                    {wide > letters.length * 9 + 6 && (
                      <text x={wide / 2} y={LANE / 2 + 5} textAnchor="middle">
                        {letters}
                      </text>
                    )}
                  </g>
                );
              })}
          </g>
        ))}
        {rests > 0 && (
          <g className="lane lane-rest" transform={`translate(0 ${lanes.length * LANE})`}>
            <text x={0} y={LANE / 2 + 5}>
              {say("batch-rests")}
            </text>
            {evening.rests.map((rest) => (
              <g key={`${rest.make} ${rest.begin}`} transform={`translate(${x(rest.begin)} 0)`}>
                <title>{rest.text}</title>
                <rect
                  y={8}
                  width={Math.max(2, x(rest.begin + rest.minutes) - x(rest.begin))}
                  height={LANE - 16}
                  rx={8}
                />
                <text x={6} y={LANE / 2 + 5}>
                  {rest.make}
                </text>
              </g>
            ))}
          </g>
        )}
        <g className="minutes" transform={`translate(0 ${(lanes.length + rests) * LANE})`}>
          <rect x={NAMES} width={WIDE - NAMES} height={TAPE} />
          {marks.map((mark) => (
            <g key={mark} transform={`translate(${x(mark * MARK)} 0)`}>
              <line y2={mark % 3 === 0 ? 11 : 6} />
              {mark % 3 === 0 && mark * MARK < end - 8 && (
                <text x={3} y={21}>
                  {mark * MARK}
                </text>
              )}
            </g>
          ))}
        </g>
      </svg>
    </div>
  );
}
