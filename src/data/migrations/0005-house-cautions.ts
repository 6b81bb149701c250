/** Cautions that a house adds in its own words. */
export const HOUSE_CAUTIONS = [
  `CREATE TABLE house_cautions (
    id INT AUTO_INCREMENT PRIMARY KEY, stage VARCHAR(20) NOT NULL, words VARCHAR(200) NOT NULL,
    made_by VARCHAR(60) NOT NULL, made_at DATETIME(3) NOT NULL, retired_at DATETIME(3) NULL)`,
]
