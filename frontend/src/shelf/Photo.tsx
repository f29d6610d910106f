import { useState } from "react";
import { api, byField, type Problem } from "../api/client";

interface Props {
  id: string;
  kept: boolean;
  onKept: (photo: boolean) => void;
}

/** A photo to know it by; it is made small and stays on this machine. */
export function Photo({ id, kept, onKept }: Props) {
  const [trouble, setTrouble] = useState("");
  const [turn, setTurn] = useState(0);
  const path = { id };
  const keep = async (file: File) => {
    const answer = await api.PUT("/api/things/{id}/photo", {
      params: { path },
      body: file as unknown as string,
      bodySerializer: (body) => body as unknown as BodyInit,
      headers: { "Content-Type": "application/octet-stream" },
    });
    if (answer.data) {
      setTrouble("");
      setTurn(turn + 1);
      onKept(true);
    } else setTrouble(Object.values(byField(answer.error as unknown as Problem))[0] ?? "");
  };
  const drop = async () => {
    await api.DELETE("/api/things/{id}/photo", { params: { path } });
    onKept(false);
  };
  return (
    <div className="photo-row">
      {kept && (
        <img
          className="photo"
          src={`/api/things/${id}/photo?turn=${turn}`}
          alt="Its photo"
          width="90"
          height="90"
        />
      )}
      <label>
        {kept ? "another photo" : "a photo to know it by"}{" "}
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
        <button type="button" className="quiet-button" onClick={() => void drop()}>
          Take the photo away
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
