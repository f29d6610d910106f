CREATE TABLE projects (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  spec       TEXT NOT NULL CHECK (json_valid(spec)),
  picture    TEXT NOT NULL CHECK (json_valid(picture)),
  revision   INTEGER NOT NULL DEFAULT 1,
  at_step    TEXT,
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  updated_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT
) STRICT;

CREATE INDEX projects_by_time ON projects (updated_at DESC) WHERE deleted_at IS NULL;

CREATE TABLE progress (
  project_id TEXT NOT NULL REFERENCES projects (id) ON DELETE CASCADE,
  step_id    TEXT NOT NULL,
  done_at    TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  PRIMARY KEY (project_id, step_id)
) STRICT, WITHOUT ROWID;

CREATE TABLE makes (
  id         TEXT PRIMARY KEY,
  project_id TEXT NOT NULL REFERENCES projects (id) ON DELETE CASCADE,
  made_on    TEXT NOT NULL,
  minutes    INTEGER,
  measured   TEXT NOT NULL CHECK (json_valid(measured)),
  differed   TEXT NOT NULL DEFAULT '',
  next_time  TEXT NOT NULL DEFAULT '',
  spec       TEXT NOT NULL CHECK (json_valid(spec)),
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now'))
) STRICT;

CREATE INDEX makes_by_project ON makes (project_id, made_on DESC);

CREATE TABLE things (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  unit       TEXT NOT NULL,
  object     TEXT NOT NULL CHECK (json_valid(object)),
  note       TEXT NOT NULL DEFAULT '',
  created_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  updated_at TEXT NOT NULL DEFAULT (strftime('%Y-%m-%dT%H:%M:%fZ', 'now')),
  deleted_at TEXT
) STRICT;

CREATE TABLE settings (
  name  TEXT PRIMARY KEY,
  value TEXT NOT NULL CHECK (json_valid(value))
) STRICT, WITHOUT ROWID;
