-- Why something is made: what was wrong before, and in the maker's own words. It is what the finished make is tried against.
ALTER TABLE projects ADD COLUMN why TEXT NOT NULL DEFAULT '{"wrong": [], "text": ""}' CHECK (json_valid(why));
-- The entry of the log a make was begun from once more.
ALTER TABLE projects ADD COLUMN again TEXT;

-- A make as it was made: `facts` is what learning reads of the draft of that day, `times` the minutes by step, `record` all of the
-- draft and how it lay on its cloth (JSON, deflated).
ALTER TABLE makes ADD COLUMN name TEXT NOT NULL DEFAULT '';
ALTER TABLE makes ADD COLUMN waited INTEGER;
ALTER TABLE makes ADD COLUMN away INTEGER;
ALTER TABLE makes ADD COLUMN trial TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(trial));
ALTER TABLE makes ADD COLUMN uses TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(uses));
ALTER TABLE makes ADD COLUMN sale TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(sale));
ALTER TABLE makes ADD COLUMN facts TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(facts));
ALTER TABLE makes ADD COLUMN times TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(times));
ALTER TABLE makes ADD COLUMN record BLOB;
ALTER TABLE makes ADD COLUMN revision INTEGER NOT NULL DEFAULT 1;
ALTER TABLE makes ADD COLUMN deleted_at TEXT;

-- How an entry read before it was changed.
CREATE TABLE make_versions (
  make_id    TEXT NOT NULL REFERENCES makes (id) ON DELETE CASCADE,
  revision   INTEGER NOT NULL,
  entry      TEXT NOT NULL CHECK (json_valid(entry)),
  changed_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  PRIMARY KEY (make_id, revision)
) STRICT, WITHOUT ROWID;

-- Stretches of time (s since 1970) at one step: with the hands, waiting, or interrupted. The last one is open until it has ended. Until
-- a make is noted in the log they belong to the one that is being made.
CREATE TABLE spans (
  project_id TEXT NOT NULL REFERENCES projects (id) ON DELETE CASCADE,
  number     INTEGER NOT NULL,
  step       TEXT NOT NULL,
  kind       TEXT NOT NULL CHECK (kind IN ('hands', 'wait', 'away')),
  began      REAL NOT NULL,
  seen       REAL NOT NULL,
  is_open    INTEGER NOT NULL DEFAULT 0,
  make_id    TEXT REFERENCES makes (id) ON DELETE CASCADE,
  PRIMARY KEY (project_id, number)
) STRICT, WITHOUT ROWID;

-- What a maker notes at a step: a departure from the plan, a near miss, a compromise of direction, something to mind next time.
CREATE TABLE notes (
  id         TEXT PRIMARY KEY,
  project_id TEXT NOT NULL REFERENCES projects (id) ON DELETE CASCADE,
  make_id    TEXT REFERENCES makes (id) ON DELETE CASCADE,
  form       TEXT NOT NULL,
  step       TEXT NOT NULL,
  title      TEXT NOT NULL,
  kind       TEXT NOT NULL CHECK (kind IN ('departure', 'near-miss', 'compromise', 'next-time')),
  text       TEXT NOT NULL,
  cause      TEXT NOT NULL DEFAULT '',
  field      TEXT NOT NULL DEFAULT '',
  did        TEXT NOT NULL DEFAULT '',
  quiet      INTEGER NOT NULL DEFAULT 0,
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT
) STRICT;

CREATE INDEX notes_by_form ON notes (form) WHERE deleted_at IS NULL;
CREATE INDEX notes_by_project ON notes (project_id) WHERE deleted_at IS NULL;

CREATE TABLE make_photos (
  id         TEXT PRIMARY KEY,
  project_id TEXT NOT NULL REFERENCES projects (id) ON DELETE CASCADE,
  make_id    TEXT REFERENCES makes (id) ON DELETE CASCADE,
  step       TEXT NOT NULL DEFAULT '',
  title      TEXT NOT NULL DEFAULT '',
  jpeg       BLOB NOT NULL,
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT
) STRICT;

CREATE INDEX make_photos_by_project ON make_photos (project_id) WHERE deleted_at IS NULL;

-- What was answered to a proposal of what the log teaches.
CREATE TABLE answers (
  proposal TEXT PRIMARY KEY,
  answer   TEXT NOT NULL CHECK (answer IN ('taken', 'never')),
  at       TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
) STRICT, WITHOUT ROWID;
