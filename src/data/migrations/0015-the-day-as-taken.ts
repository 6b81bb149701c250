/** What a person decided about the plan of a day, line by line: a line is never changed, taking back is a line of its own. */
export const THE_DAY_AS_TAKEN = [
  `CREATE TABLE day_deeds (
     day DATE NOT NULL, no INT NOT NULL, format INT NOT NULL, deed LONGTEXT NOT NULL, made_at DATETIME(3) NOT NULL,
     made_by VARCHAR(200) NOT NULL, PRIMARY KEY (day, no),
     CONSTRAINT day_deeds_deed_is_json CHECK (JSON_VALID(deed)))`,
]
