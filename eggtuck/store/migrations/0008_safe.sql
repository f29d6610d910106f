-- Codes that have let somebody in.
CREATE TABLE used_codes (
  code    TEXT PRIMARY KEY,
  used_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
) STRICT, WITHOUT ROWID;

-- Two windows, two devices: a thing that was changed elsewhere meanwhile is not overwritten unasked; how it was before is kept.
ALTER TABLE things ADD COLUMN revision INTEGER NOT NULL DEFAULT 1;

CREATE TABLE thing_versions (
  thing_id   TEXT NOT NULL REFERENCES things (id) ON DELETE CASCADE,
  revision   INTEGER NOT NULL,
  thing      TEXT NOT NULL CHECK (json_valid(thing)),
  changed_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  PRIMARY KEY (thing_id, revision)
) STRICT, WITHOUT ROWID;
