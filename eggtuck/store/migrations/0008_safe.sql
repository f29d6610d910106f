-- Codes that have been used to come in, and the devices that are let in.
CREATE TABLE doors (
  id       TEXT PRIMARY KEY,
  kind     TEXT NOT NULL CHECK (kind IN ('code', 'device')),
  name     TEXT NOT NULL DEFAULT '',
  may      TEXT NOT NULL DEFAULT 'all' CHECK (may IN ('all', 'sew')),
  made_at  TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  seen_at  TEXT,
  ended_at TEXT
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
