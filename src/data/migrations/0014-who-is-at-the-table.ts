/**
 * Who is at the table: whose house it is, passphrases and PINs as hashes, the devices that were let in, who signed in on
 * which, codes that let in once, and how often something wrong was tried. The trail knows people by their id.
 */
export const WHO_IS_AT_THE_TABLE = [
  `ALTER TABLE staff
     MODIFY COLUMN role VARCHAR(20) NOT NULL, ADD COLUMN owner BOOLEAN NOT NULL DEFAULT FALSE,
     ADD COLUMN passphrase VARCHAR(200) NULL, ADD COLUMN pin VARCHAR(200) NULL`,
  // The demo opens as its first person, who owns it.
  `UPDATE staff SET owner = TRUE
     WHERE id = (SELECT first FROM (SELECT MIN(id) AS first FROM staff) AS firsts)
       AND EXISTS (SELECT 1 FROM house_marks WHERE name = 'demo-made')`,
  `ALTER TABLE house ADD COLUMN rest_min INT NOT NULL DEFAULT 60`,
  `CREATE TABLE devices (
     id INT AUTO_INCREMENT PRIMARY KEY, name VARCHAR(200) NOT NULL, token_hash CHAR(64) NOT NULL UNIQUE,
     let_in BOOLEAN NOT NULL, made_at DATETIME(3) NOT NULL, made_by VARCHAR(200) NOT NULL, seen_at DATETIME(3) NOT NULL,
     turned_off_at DATETIME(3) NULL)`,
  `CREATE TABLE sign_ins (
     token_hash CHAR(64) PRIMARY KEY, staff_id INT NOT NULL REFERENCES staff (id),
     device_id INT NOT NULL REFERENCES devices (id), made_at DATETIME(3) NOT NULL, seen_at DATETIME(3) NOT NULL,
     ended_at DATETIME(3) NULL, INDEX sign_ins_by_device (device_id, staff_id), INDEX sign_ins_by_person (staff_id))`,
  `CREATE TABLE admission_codes (
     id INT AUTO_INCREMENT PRIMARY KEY, code_hash CHAR(64) NOT NULL UNIQUE, staff_id INT NULL REFERENCES staff (id),
     device_name VARCHAR(60) NULL, made_at DATETIME(3) NOT NULL, made_by VARCHAR(200) NOT NULL, ends_at DATETIME(3) NOT NULL,
     used_at DATETIME(3) NULL)`,
  `CREATE TABLE wrong_tries (what VARCHAR(60) PRIMARY KEY, n INT NOT NULL, free_at DATETIME(3) NOT NULL)`,
  `ALTER TABLE file_changes
     ADD COLUMN made_by_id INT NULL, ADD INDEX changes_by_person (made_by_id, made_at)`,
  `UPDATE file_changes JOIN staff ON staff.name = file_changes.made_by SET file_changes.made_by_id = staff.id`,
]
