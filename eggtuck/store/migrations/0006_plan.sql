-- What is to be ready for whom, and by when. Only a first name or a nick is kept of anybody.
CREATE TABLE orders (
  id         TEXT PRIMARY KEY,
  whom       TEXT NOT NULL DEFAULT '',
  title      TEXT NOT NULL,
  project_id TEXT,
  count      INTEGER NOT NULL DEFAULT 1 CHECK (count BETWEEN 1 AND 500),
  theme      TEXT NOT NULL DEFAULT '',
  cloth      TEXT NOT NULL DEFAULT '',
  due        TEXT NOT NULL DEFAULT '',
  state      TEXT NOT NULL DEFAULT 'asked' CHECK (state IN ('asked', 'making', 'ready', 'given')),
  together   TEXT NOT NULL DEFAULT '',
  price      TEXT NOT NULL DEFAULT '',
  note       TEXT NOT NULL DEFAULT '',
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT
) STRICT;

-- Several makes that are made together: `places` is the order of everything (task ids), for the makes and the time of the stamp;
-- the rest tells of the search for a better one.
CREATE TABLE batches (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL DEFAULT '',
  makes      TEXT NOT NULL CHECK (json_valid(makes)),
  settings   TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(settings)),
  sequence   TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(sequence)),
  stamp      TEXT NOT NULL DEFAULT '',
  task       TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(task)),
  state      TEXT NOT NULL DEFAULT '' CHECK (state IN ('', 'running', 'stopping', 'stopped', 'done')),
  gone       REAL NOT NULL DEFAULT 0,
  lasts      INTEGER NOT NULL DEFAULT 0,
  seen_at    REAL NOT NULL DEFAULT 0,
  revision   INTEGER NOT NULL DEFAULT 1,
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  updated_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT
) STRICT;

CREATE TABLE batch_done (
  batch_id TEXT NOT NULL REFERENCES batches (id) ON DELETE CASCADE,
  task     TEXT NOT NULL,
  done_at  TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  PRIMARY KEY (batch_id, task)
) STRICT, WITHOUT ROWID;
