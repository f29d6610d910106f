-- Projects that others are begun from: they lie apart from the table.
ALTER TABLE projects ADD COLUMN is_template INTEGER NOT NULL DEFAULT 0;
-- Which parts of the make in hand were made ahead: by the piece they are called after, what they are and where on the pile they came from.
ALTER TABLE projects ADD COLUMN ready TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(ready));
