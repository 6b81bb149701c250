/**
 * What Insight asks of ten years is summed at each close: by month, groomer and coat; and how fast each dog grows. What is
 * long and seldom read is kept compressed by the database itself: whoever reads it knows nothing of that.
 */
export const TEN_YEARS = [
  `CREATE TABLE groom_sums (
     month CHAR(7) NOT NULL, staff_id INT NOT NULL, coat VARCHAR(20) NOT NULL, sums LONGTEXT NOT NULL,
     PRIMARY KEY (month, staff_id, coat), CONSTRAINT groom_sums_sums_is_json CHECK (JSON_VALID(sums)))`,
  `ALTER TABLE groom_facts ADD COLUMN summed_in CHAR(7) NULL, ADD INDEX facts_to_sum (summed_in, started_at)`,
  `CREATE TABLE dog_growth (
     dog_id INT PRIMARY KEY, pairs INT NOT NULL, mm_per_week DOUBLE NOT NULL, table_mm DOUBLE NOT NULL,
     FOREIGN KEY (dog_id) REFERENCES dogs (id))`,
  `ALTER TABLE visits MODIFY planned_case LONGTEXT COMPRESSED NOT NULL, MODIFY plan LONGTEXT COMPRESSED NOT NULL`,
  `ALTER TABLE visit_folds MODIFY fold LONGTEXT COMPRESSED NOT NULL`,
  // Events lie in the order in which they came, those of a visit together, and no index carries their long ids but one.
  `ALTER TABLE visit_events MODIFY payload LONGTEXT COMPRESSED NOT NULL, DROP PRIMARY KEY, ADD PRIMARY KEY (no),
     ADD UNIQUE INDEX IF NOT EXISTS one_event_an_id (id), DROP INDEX IF EXISTS no, DROP INDEX IF EXISTS events_by_visit`,
  // The unique one begins with the card as well.
  `ALTER TABLE trim_card_zones DROP INDEX IF EXISTS zones_by_card`,
  `ALTER TABLE groom_facts MODIFY facts LONGTEXT COMPRESSED NOT NULL`,
  // Who is due and not booked is asked for the book, the waiting list and the outbox.
  `ALTER TABLE dogs ADD INDEX IF NOT EXISTS dogs_due (standing, due_on)`,
]
