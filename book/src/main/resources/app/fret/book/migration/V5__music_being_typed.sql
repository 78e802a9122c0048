-- What is being typed and not yet taken into the programme: one text, kept while it is typed.
CREATE TABLE draft (
  id   INTEGER PRIMARY KEY CHECK (id = 1),
  text TEXT NOT NULL
);
