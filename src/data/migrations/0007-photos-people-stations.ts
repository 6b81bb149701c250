/** Pictures of findings; what people can do and when they work; where dogs are worked on. */
export const PHOTOS_PEOPLE_STATIONS = [
  `CREATE TABLE photos (
    id CHAR(36) PRIMARY KEY, visit_id INT NOT NULL, jpeg MEDIUMBLOB NOT NULL, received_at DATETIME(3) NOT NULL,
    FOREIGN KEY (visit_id) REFERENCES visits (id))`,
  `ALTER TABLE staff ADD COLUMN work LONGTEXT NOT NULL DEFAULT '{}'`,
  `CREATE TABLE stations (
    id INT AUTO_INCREMENT PRIMARY KEY, name VARCHAR(60) NOT NULL, kind VARCHAR(20) NOT NULL, retired_at DATETIME(3) NULL)`,
]
