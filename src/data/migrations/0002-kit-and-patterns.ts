/** Tools get a name and a sharpening date, visits say how long each blade worked, a house keeps patterns of its own. */
export const KIT_AND_PATTERNS = [
  `ALTER TABLE kit_tools ADD COLUMN label VARCHAR(60) NOT NULL DEFAULT '', ADD COLUMN sharpened_at DATETIME(3) NULL`,
  `CREATE TABLE blade_use (
    visit_id INT NOT NULL, blade VARCHAR(5) NOT NULL, minutes DECIMAL(7,2) NOT NULL, worked_at DATETIME(3) NOT NULL,
    PRIMARY KEY (visit_id, blade), INDEX blade_use_by_blade (blade, worked_at),
    FOREIGN KEY (visit_id) REFERENCES visits (id))`,
  `CREATE TABLE house_patterns (
    id INT AUTO_INCREMENT PRIMARY KEY, name VARCHAR(80) NOT NULL UNIQUE, words VARCHAR(200) NOT NULL, card LONGTEXT NOT NULL,
    made_by VARCHAR(60) NOT NULL, made_at DATETIME(3) NOT NULL, retired_at DATETIME(3) NULL)`,
  `ALTER TABLE bookings ADD COLUMN coat_sides LONGTEXT NOT NULL DEFAULT '{}'`,
]
