-- Whether others in the home network are answered: while there is a row. An address, where one was named.
CREATE TABLE sharing (
  one     INTEGER PRIMARY KEY CHECK (one = 1),
  address TEXT NOT NULL
) STRICT;

-- Devices that may come in, each with a code that works once till it has, and with a secret from then on; of both only a digest is kept.
CREATE TABLE devices (
  id         TEXT PRIMARY KEY,
  name       TEXT NOT NULL,
  may        TEXT NOT NULL CHECK (may IN ('sew', 'all')),
  code       TEXT UNIQUE,
  code_until REAL,
  secret     TEXT UNIQUE,
  came_in    TEXT,
  seen       TEXT
) STRICT, WITHOUT ROWID;
