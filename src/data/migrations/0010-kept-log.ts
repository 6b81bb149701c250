/**
 * A house has a key of its own, so that a device never takes one for another. The fold of a visit is kept beside its log, with the number of the last event it knows: a long visit costs no more than a
 * short one. Marks say how far something of many steps came, as the making of the demo.
 */
export const KEPT_LOG = [
  `ALTER TABLE house ADD COLUMN house_key CHAR(36) NOT NULL DEFAULT (UUID())`,
  `CREATE TABLE visit_folds (
     visit_id INT PRIMARY KEY, no BIGINT NOT NULL, format TINYINT NOT NULL,
     fold LONGTEXT NOT NULL, FOREIGN KEY (visit_id) REFERENCES visits (id),
     CONSTRAINT visit_folds_fold_is_json CHECK (JSON_VALID(fold) OR fold IS NULL))`,
  `CREATE TABLE house_marks (name VARCHAR(60) PRIMARY KEY, set_at DATETIME(3) NOT NULL)`,
]
