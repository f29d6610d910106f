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
