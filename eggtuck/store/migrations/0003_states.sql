-- Every kept state of a project, so that edits can be undone and done again in any later sitting. `touch` names the field
-- that was being edited, so that typing one number is one state.
CREATE TABLE states (
  project_id TEXT NOT NULL REFERENCES projects (id) ON DELETE CASCADE,
  number     INTEGER NOT NULL,
  name       TEXT NOT NULL,
  spec       TEXT NOT NULL CHECK (json_valid(spec)),
  touch      TEXT,
  PRIMARY KEY (project_id, number)
) STRICT, WITHOUT ROWID;

ALTER TABLE projects ADD COLUMN state INTEGER NOT NULL DEFAULT 0;

-- Variants of one make share the id of the first.
ALTER TABLE projects ADD COLUMN family TEXT;

INSERT INTO states (project_id, number, name, spec) SELECT id, 0, name, spec FROM projects;
