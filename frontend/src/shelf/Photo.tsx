import { useState } from "react";
import { api, unwrap, type Thing } from "../api/client";
import { troubleOf } from "../api/trouble";
import { upload } from "../api/upload";
import type { Notices } from "../kit/useNotice";
import { useOnce } from "../kit/useOnce";
import { say } from "../words/say";

interface Props {
  id: string;
  kept: boolean;
  notices: Notices;
  onKept: (photo: boolean) => void;
}

/** A photo to know it by; it is made small and stays on this machine. */
export function Photo({ id, kept, notices, onKept }: Props) {
  const [trouble, setTrouble] = useState("");
  const [turn, setTurn] = useState(0);
  const keep = async (file: File) => {
    try {
      await upload<Thing>("PUT", `/api/things/${id}/photo`, file);
      setTrouble("");
      setTurn((now) => now + 1);
      onKept(true);
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  // The picture itself is what brings it back.
  const drop = useOnce(async () => {
    const was = await (await fetch(`/api/things/${id}/photo`)).blob();
    let here = true;
    await notices.takeAway(say("photo-out"), {
      away: async () => {
        unwrap(await api.DELETE("/api/things/{id}/photo", { params: { path: { id } } }));
        here = false;
      },
      back: async () => {
        await upload<Thing>("PUT", `/api/things/${id}/photo`, was);
        here = true;
      },
      refresh: () => Promise.resolve(onKept(here)),
    });
  });
  return (
    <div className="photo-row">
      {kept && (
        <img
          className="photo"
          src={`/api/things/${id}/photo?turn=${turn}`}
          alt={say("photo-look")}
          width="90"
          height="90"
        />
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
