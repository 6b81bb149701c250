const isJson = (table: string, ...columns: readonly string[]): string[] =>
  columns.map(
    (column) =>
      `ALTER TABLE ${table} ADD CONSTRAINT ${table}_${column}_is_json CHECK (JSON_VALID(${column}) OR ${column} IS NULL)`,
  )

/**
 * What was cut is kept as it was cut. Events know their device, their author and the order in which they came; stored
 * shapes carry the number of their format; rows that two people may change carry a version; a card has one row a zone and
 * side; what a groom left behind for the next one, and what the house learns from it, is written at the close.
 */
export const ONE_TRUTH = [
  `ALTER TABLE visit_events
     ADD COLUMN no BIGINT NOT NULL AUTO_INCREMENT UNIQUE, ADD COLUMN device VARCHAR(40) NULL,
     ADD COLUMN author_id INT NULL, ADD COLUMN format TINYINT NOT NULL DEFAULT 1`,
  `ALTER TABLE visit_events ADD INDEX events_by_number (visit_id, no)`,
  `ALTER TABLE visits
     ADD COLUMN format TINYINT NOT NULL DEFAULT 1, ADD COLUMN left_behind LONGTEXT NULL`,
  `ALTER TABLE dogs ADD COLUMN row_version INT NOT NULL DEFAULT 1`,
  `ALTER TABLE bookings ADD COLUMN row_version INT NOT NULL DEFAULT 1`,
  `ALTER TABLE staff ADD COLUMN row_version INT NOT NULL DEFAULT 1`,
  `ALTER TABLE trim_card_zones ADD COLUMN side_key VARCHAR(5) AS (COALESCE(side, '')) PERSISTENT`,
  `ALTER TABLE trim_card_zones ADD UNIQUE INDEX one_row_a_zone_and_side (card_id, zone, side_key)`,
  `CREATE TABLE groom_facts (
     visit_id INT PRIMARY KEY, dog_id INT NOT NULL, staff_id INT NOT NULL, started_at DATETIME(3) NOT NULL,
     format TINYINT NOT NULL, facts LONGTEXT NOT NULL, INDEX facts_by_start (started_at),
     FOREIGN KEY (visit_id) REFERENCES visits (id))`,
  `CREATE TABLE growth_pairs (
     id INT AUTO_INCREMENT PRIMARY KEY, visit_id INT NOT NULL, dog_id INT NOT NULL, found_at DATETIME(3) NOT NULL,
     body_part VARCHAR(10) NOT NULL, left_mm DECIMAL(6,2) NOT NULL, found_mm DECIMAL(6,2) NOT NULL,
     weeks DECIMAL(7,3) NOT NULL, INDEX pairs_by_dog (dog_id, found_at), FOREIGN KEY (visit_id) REFERENCES visits (id))`,
  ...isJson('bookings', 'request', 'coat_now', 'mats', 'coat_sides', 'own_order'),
  ...isJson('dogs', 'behaviour', 'health', 'measures'),
  ...isJson('visits', 'planned_case', 'plan', 'verdicts', 'left_behind'),
  ...isJson('visit_events', 'payload'),
  ...isJson('staff', 'work'),
  ...isJson('house_patterns', 'card'),
  ...isJson('groom_facts', 'facts'),
]
