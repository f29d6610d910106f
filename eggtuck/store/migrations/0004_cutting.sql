-- What lies on the pile: cloth (left: mm of length), things sold by length (mm), by count, or by weight (g).
CREATE TABLE pile (
  id          TEXT PRIMARY KEY,
  kind        TEXT NOT NULL CHECK (kind IN ('cloth', 'length', 'count', 'grams')),
  name        TEXT NOT NULL,
  what        TEXT NOT NULL,
  unit        TEXT NOT NULL,
  left_over   REAL NOT NULL CHECK (left_over >= 0),
  width       REAL,
  size        REAL,
  outline     TEXT CHECK (outline IS NULL OR json_valid(outline)),
  holes       TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(holes)),
  washed      INTEGER NOT NULL DEFAULT 0,
  directional INTEGER NOT NULL DEFAULT 0,
  price       REAL,
  note        TEXT NOT NULL DEFAULT '',
  created_at  TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at  TEXT
) STRICT;

CREATE TABLE pile_photos (
  pile_id TEXT PRIMARY KEY REFERENCES pile (id) ON DELETE CASCADE,
  jpeg    BLOB NOT NULL
) STRICT, WITHOUT ROWID;

-- A sitting at the cutting table: one make, or several that are cut together.
CREATE TABLE cuttings (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL DEFAULT '',
  makes      TEXT NOT NULL CHECK (json_valid(makes)),
  settings   TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(settings)),
  revision   INTEGER NOT NULL DEFAULT 1,
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  updated_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT
) STRICT;

-- How everything lies on each cloth. The stamp is another whenever it is laid otherwise, so that a search that began before
-- writes nothing over it. `asked` is what it is an answer to; `uses` tells how much of what on the pile it takes (mm).
CREATE TABLE lays (
  cutting_id TEXT NOT NULL REFERENCES cuttings (id) ON DELETE CASCADE,
  cloth      TEXT NOT NULL,
  spots      TEXT NOT NULL CHECK (json_valid(spots)),
  stamp      TEXT NOT NULL,
  asked      TEXT NOT NULL,
  uses       TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(uses)),
  PRIMARY KEY (cutting_id, cloth)
) STRICT, WITHOUT ROWID;

CREATE TABLE jobs (
  cutting_id TEXT NOT NULL REFERENCES cuttings (id) ON DELETE CASCADE,
  cloth      TEXT NOT NULL,
  stamp      TEXT NOT NULL,
  task       TEXT NOT NULL CHECK (json_valid(task)),
  lasts      INTEGER NOT NULL,
  gone       REAL NOT NULL DEFAULT 0,
  seen_at    REAL NOT NULL,
  state      TEXT NOT NULL DEFAULT 'running' CHECK (state IN ('running', 'stopping', 'stopped', 'done')),
  PRIMARY KEY (cutting_id, cloth)
) STRICT, WITHOUT ROWID;

-- What was ticked off: a cut made, a thing bought or taken. `undo` tells what the pile was before.
CREATE TABLE ticks (
  cutting_id TEXT NOT NULL REFERENCES cuttings (id) ON DELETE CASCADE,
  line       TEXT NOT NULL,
  undo       TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(undo)),
  ticked_at  TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  PRIMARY KEY (cutting_id, line)
) STRICT, WITHOUT ROWID;

-- What things cost, and how many or how much (mm) is sold together.
CREATE TABLE prices (
  what  TEXT PRIMARY KEY,
  price REAL,
  pack  REAL
) STRICT, WITHOUT ROWID;
