/** What was learned of the minutes, effect by effect; what owners said of single zones. */
export const PACE = [
  `CREATE TABLE pace_cells (
    id VARCHAR(120) PRIMARY KEY, n DOUBLE NOT NULL, total DOUBLE NOT NULL, day INT NOT NULL)`,
  `ALTER TABLE visits ADD COLUMN verdicts LONGTEXT NOT NULL DEFAULT '{}'`,
]
