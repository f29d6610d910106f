import { useState } from "react";
import { api, unwrap, type Schemas } from "../api/client";
import { troubleOf } from "../api/trouble";
import { upload } from "../api/upload";
import { entryOf } from "../kit/entries";
import { say } from "../words/say";

interface Props {
  unit: "cm" | "in" | "mm";
  rows: string;
  sticksOut: string;
  error?: string;
  onRows: (rows: string) => void;
  onSticksOut: (rows: string) => void;
}

const SCANS = ["stl", "obj", "ply"];

/** Girths at heights: typed, from a table, or from a 3-D scan. */
export function ProfileRows({ unit, rows, sticksOut, error, onRows, onSticksOut }: Props) {
  const [trouble, setTrouble] = useState("");
  const [scanUnit, setScanUnit] = useState("");
  const bringIn = async (file: File) => {
    setTrouble("");
    const kind = file.name.split(".").pop()?.toLowerCase() ?? "";
    try {
      const { object } = SCANS.includes(kind)
        ? await upload<Schemas["ThingObject"]>("POST", "/api/things/read-scan", file, {
            kind,
            scan_unit: scanUnit,
            unit,
          })
        : unwrap(await api.POST("/api/things/read-table", { body: { text: await file.text(), unit } }));
      onRows(entryOf(object, "profile") ?? "");
    } catch (error) {
      setTrouble(troubleOf(error));
    }
  };
  return (
    <div className="profile-rows">
      <label>
        <strong>{say("profile-rows")}</strong>
        <small>{say("profile-rows.help")}</small>
        <textarea
          data-field="object.profile"
          rows={6}
          value={rows}
          aria-invalid={error && rows ? true : undefined}
          placeholder={"0; 22\n5; 25,1\n19,5; 25,1"}
          onChange={(e) => onRows(e.target.value)}
        />
      </label>
      <label>
        <strong>{say("profile-out")}</strong>
        <textarea
          data-field="object.sticks_out"
          rows={2}
          value={sticksOut}
          onChange={(e) => onSticksOut(e.target.value)}
        />
      </label>
      {(trouble || (error && rows)) && (
        <p className="measure-error static" role="alert">
          {trouble || error}
        </p>
      )}
      <div className="bring-in">
        <label>
          {say("profile-file")}{" "}
          <input
            type="file"
            accept=".csv,.txt,.stl,.obj,.ply"
            aria-label={say("profile-file.label")}
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              if (chosen) void bringIn(chosen);
              e.target.value = "";
            }}
          />
        </label>
        <label>
          {say("profile-scan")}{" "}
          <select
            value={scanUnit}
            aria-label={say("profile-scan.label")}
            onChange={(e) => setScanUnit(e.target.value)}
          >
            <option value="">{say("choose")}</option>
            {["mm", "cm", "m", "in"].map((u) => (
              <option key={u}>{u}</option>
            ))}
          </select>
        </label>
      </div>
    </div>
  );
}
