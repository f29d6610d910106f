import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { useInTurn } from "../kit/useInTurn";

export type Cutting = Schemas["CuttingShown"];
export type ClothLaid = Schemas["ClothLaidDoc"];
export type Wish = Schemas["WishTold"];
export type LaidPiece = Schemas["LaidPieceDoc"];
export type Ground = Schemas["GroundLaidDoc"];

/** How often a search is looked at (ms). */
const LOOK = 700;

type Changes = Partial<Pick<Cutting, "name" | "settings">> & { makes?: Schemas["MakeCount"][] };

export const NO_WISH: Wish = {
  on: [],
  fold: false,
  across: null,
  gap: "",
  repeat_up: "",
  repeat_across: "",
  cut_from: null,
  sold: "length",
  first: "least",
  buy: true,
};

function searching(cutting: Cutting | undefined) {
  return Object.values(cutting?.searches ?? {}).some(({ state }) => ["running", "stopping"].includes(state));
}

/** A sitting at the cutting table, and everything that can be done at it: each answers with how the table is then. */
export function useCutting(id: string) {
  const client = useQueryClient();
  const [trouble, setTrouble] = useState("");
  const path = { params: { path: { id } } };
  const cutting = useQuery({
    queryKey: ["cutting", id],
    queryFn: async () => unwrap(await api.GET("/api/cuttings/{id}", path)),
    refetchInterval: ({ state }) => (searching(state.data) ? LOOK : false),
  });
  const inTurn = useInTurn<Cutting>(["cutting", id]);
  const put = async (
    ask: (now: Cutting) => Promise<{ data?: Cutting; error?: unknown; response: Response }>,
  ) => {
    try {
      await inTurn(async (now) => unwrap(await ask(now)));
      setTrouble("");
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  /** What is to be otherwise, from how it is by then: another press may have been answered since this was drawn. */
  const change = (changes: (now: Cutting) => Changes) =>
    put((now) => {
      const makes = now.makes.map(({ project, count }) => ({ project, count }));
      const body = { revision: now.revision, name: now.name, makes, settings: now.settings, ...changes(now) };
      return api.PUT("/api/cuttings/{id}", { ...path, body });
    });
  const wish = (cloth: string, changes: (now: Wish) => Partial<Wish>) =>
    change(({ settings }) => {
      const now = { ...NO_WISH, ...settings.cloths[cloth] };
      return {
        settings: { ...settings, cloths: { ...settings.cloths, [cloth]: { ...now, ...changes(now) } } },
      };
    });
  return {
    cutting: cutting.data,
    missing: cutting.isError,
    trouble,
    forget: () => setTrouble(""),
    look: () => client.invalidateQueries({ queryKey: ["cutting", id] }),
    change,
    wish,
    move: (body: Schemas["SpotMoved"]) => put(() => api.POST("/api/cuttings/{id}/spots", { ...path, body })),
    unpin: (body: Schemas["SpotNamed"]) => put(() => api.POST("/api/cuttings/{id}/unpin", { ...path, body })),
    again: (body: Schemas["Again"]) => put(() => api.POST("/api/cuttings/{id}/again", { ...path, body })),
    search: (body: Schemas["SearchAsked"]) =>
      put(() => api.POST("/api/cuttings/{id}/search", { ...path, body })),
    stop: (body: Schemas["ClothNamed"]) => put(() => api.POST("/api/cuttings/{id}/stop", { ...path, body })),
    tick: async (body: Schemas["Tick"]) => {
      await put(() => api.PUT("/api/cuttings/{id}/ticks", { ...path, body }));
      await client.invalidateQueries({ queryKey: ["pile"] });
    },
    price: (body: Schemas["PriceTold"]) => put(() => api.PUT("/api/cuttings/{id}/prices", { ...path, body })),
  };
}

export type AtTable = ReturnType<typeof useCutting>;
