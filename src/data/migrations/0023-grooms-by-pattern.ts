/**
 * Sums of grooms by pattern stand beside those by coat; a groom of before has its pattern said in its facts, and all are
 * added up anew, by the house's next start.
 */
export const GROOMS_BY_PATTERN = [
  // By the letter: what is kept beside it compares its names so as well.
  `ALTER TABLE groom_sums ADD COLUMN pattern VARCHAR(80) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT ''`,
  `ALTER TABLE groom_sums DROP PRIMARY KEY, ADD PRIMARY KEY (month, staff_id, coat, pattern)`,
  `DELETE FROM groom_sums`,
  `UPDATE groom_facts SET summed_in = NULL`,
]
