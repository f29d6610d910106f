import { useState } from "react";
import { api, unwrap } from "../api/client";
import { troubleOf } from "../api/trouble";
import { upload } from "../api/upload";
import { say } from "../words/say";
import type { Notices } from "./useNotice";
import { useOnce } from "./useOnce";
import "./photo.css";

interface Props {
  of: "things" | "pile";
  id: string;
  kept: boolean;
  notices: Notices;
  onKept: (photo: boolean) => void;
}

/** A photo to know it by; it is made small and stays on this machine. */
export function Photo({ of, id, kept, notices, onKept }: Props) {
  const at = `/api/${of}/${id}/photo`;
  const [trouble, setTrouble] = useState("");
  const [turn, setTurn] = useState(0);
  const keep = async (file: File) => {
    try {
      await upload<unknown>("PUT", at, file);
      setTrouble("");
      setTurn((now) => now + 1);
      onKept(true);
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  // The picture itself is what brings it back.
  const drop = useOnce(async () => {
    const was = await (await fetch(at)).blob();
    let here = true;
    await notices.takeAway(say("photo-out"), {
      away: async () => {
        const params = { path: { id } };
        if (of === "pile") unwrap(await api.DELETE("/api/pile/{id}/photo", { params }));
        else unwrap(await api.DELETE("/api/things/{id}/photo", { params }));
        here = false;
      },
      back: async () => {
        await upload<unknown>("PUT", at, was);
        here = true;
      },
      refresh: () => Promise.resolve(onKept(here)),
    });
  });
  return (
    <div className="photo-row">
      {kept && (
        <img className="photo" src={`${at}?turn=${turn}`} alt={say("photo-look")} width="90" height="90" />
      )}
      <label>
        {kept ? say("photo-another") : say("photo-first")}{" "}
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void keep(file);
            event.target.value = "";
          }}
        />
      </label>
      {kept && (
        <button type="button" className="quiet-button" onClick={() => drop()}>
          {say("photo-away")}
        </button>
      )}
      {trouble && (
        <p className="measure-error static" role="alert">
          {trouble}
        </p>
      )}
    </div>
  );
}
