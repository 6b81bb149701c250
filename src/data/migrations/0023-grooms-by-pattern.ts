/**
 * Sums of grooms by pattern stand beside those by coat, and sums of everybody, of all coats and of a year are kept as such: a
 * question of ten years reads as few of them as one of a month. A groom of before has its pattern said in its facts, and all
 * are added up anew, by the house's next start.
 */
export const GROOMS_BY_PATTERN = [
  `DELETE FROM groom_sums`,
  // By the letter: what is kept beside it compares its names so as well.
  `ALTER TABLE groom_sums ADD COLUMN pattern VARCHAR(80) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT '',
     ADD COLUMN grooms INT AS (JSON_VALUE(sums, '$.count')) PERSISTENT,
     ADD COLUMN done_min DOUBLE AS (JSON_VALUE(sums, '$.doneMin')) PERSISTENT,
     DROP PRIMARY KEY, ADD PRIMARY KEY (staff_id, coat, pattern, month),
     ADD INDEX groups_of_a_month (month, staff_id, coat, pattern, grooms, done_min)`,
  `UPDATE groom_facts SET summed_in = NULL`,
]
