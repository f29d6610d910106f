import { keepPreviousData, queryOptions, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, byField, Refused, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { boxOf } from "../kit/path";

export type Point = [number, number];
type Unit = Schemas["TraceAsked"]["unit"];
/** What is kept of a scrap: its outline and what of it is left out. */
export type Outlined = Pick<Schemas["Traced"], "outline" | "holes">;

/** What was pointed at: the ruler, the corners of the cloth and of what is left out, in points of the picture. */
export interface Pointed {
  ruler: Point[];
  long: string;
  points: Point[];
  avoided: Point[][];
}

/** The drawing sheet where there is no photo: a point for every mm, with a line to tell by how long it is. */
const SHEET = { width: 600, height: 420 };
const EDGE = 24;
/** As long as it says, on either ruler (mm). */
const LONG = { cm: [300, "30 cm"], mm: [300, "300 mm"], in: [304.8, "12 in"] } as const;

/** What is kept already, laid on the sheet as it is. */
function onSheet({ outline, holes }: Outlined, unit: Unit) {
  const box = outline.length ? boxOf(outline) : null;
  const size = {
    width: Math.max(SHEET.width, (box?.x1 ?? 0) + 2 * EDGE),
    height: Math.max(SHEET.height, (box?.y1 ?? 0) + 3 * EDGE),
  };
  const laid = (ring: number[][]) => ring.map(([x, y]): Point => [x! + EDGE, size.height - 2 * EDGE - y!]);
  const [length, long] = LONG[unit];
  const low = size.height - EDGE;
  const ruler: Point[] = [
    [EDGE, low],
    [EDGE + length, low],
  ];
  return { size, pointed: { ruler, long, points: laid(outline), avoided: holes.map(laid) } };
}

/** What is left out has `least` corners; what has fewer is still being pointed at. */
function asked({ points, ruler, long, avoided }: Pointed, unit: Unit, least: 1 | 3) {
  const holes = avoided.filter((hole) => hole.length >= least);
  const body = { unit, ruler, ruler_length: long, outline: points, holes };
  return queryOptions({
    queryKey: ["trace", body],
    queryFn: async () => unwrap(await api.POST("/api/pile/trace", { body })),
    staleTime: Infinity,
    retry: false,
  });
}

/** A scrap's outline as it is pointed out; what it measures the server tells. */
export function useTrace(unit: Unit, first: Outlined, onPointed: () => void) {
  const client = useQueryClient();
  const [sheet] = useState(() => onSheet(first, unit));
  const [pointed, setPointed] = useState<Pointed>(sheet.pointed);
  const fresh = pointed !== sheet.pointed && pointed.points.length > 0;
  const measured = useQuery({
    ...asked(pointed, unit, 3),
    enabled: fresh && pointed.points.length >= 3 && pointed.ruler.length === 2,
    placeholderData: keepPreviousData,
  });
  const refused = measured.error instanceof Refused ? byField(measured.error.problem) : null;
  const wrong: Record<string, string> =
    refused ?? (measured.error ? { outline: troubleOf(measured.error) } : {});
  return {
    sheet: sheet.size,
    pointed,
    point: (changes: (now: Pointed) => Partial<Pointed>) => {
      setPointed((now) => ({ ...now, ...changes(now) }));
      onPointed();
    },
    told: fresh && pointed.points.length >= 3 ? measured.data : undefined,
    wrong,
    /** Whether it stays as it is kept: nothing was pointed at. */
    kept: !fresh && first.outline.length > 0,
    /** Its outline by now, once it is measured. Throws `Refused` with what is wrong with it. */
    outlined: (): Promise<Outlined> =>
      fresh ? client.fetchQuery(asked(pointed, unit, 1)) : Promise.resolve(first),
  };
}
