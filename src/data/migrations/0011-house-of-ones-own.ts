/**
 * A house of one's own: what it is, when it is open, its van; people who left; households with several people, what they
 * agreed to, and the numbers by which they are known again; dogs of whom not all is said yet, or who do not come any more;
 * each change of a dog's file, and the call by which it came, so that it is taken in once; bookings that were called off. When a dog is due stands beside it, so that a thousand
 * dogs can be asked at once.
 */
export const HOUSE_OF_ONES_OWN = [
  `ALTER TABLE house
     ADD COLUMN works VARCHAR(10) NOT NULL DEFAULT 'salon', ADD COLUMN opening LONGTEXT NOT NULL DEFAULT '{}',
     ADD COLUMN van LONGTEXT NOT NULL DEFAULT '{}', ADD COLUMN seen LONGTEXT NOT NULL DEFAULT '[]',
     ADD COLUMN row_version INT NOT NULL DEFAULT 1`,
  `ALTER TABLE staff ADD COLUMN left_on DATE NULL`,
  `ALTER TABLE households
     ADD COLUMN notes VARCHAR(2000) NOT NULL DEFAULT '', ADD COLUMN joined_into INT NULL,
     ADD COLUMN row_version INT NOT NULL DEFAULT 1`,
  `ALTER TABLE owners
     ADD COLUMN first_called BOOLEAN NOT NULL DEFAULT FALSE, ADD COLUMN phone_tail VARCHAR(9) NULL,
     ADD COLUMN agreed LONGTEXT NOT NULL DEFAULT '{}', ADD COLUMN gone BOOLEAN NOT NULL DEFAULT FALSE`,
  `ALTER TABLE owners ADD INDEX owners_by_phone (phone_tail)`,
  `UPDATE owners SET first_called = TRUE
     WHERE id IN (SELECT first FROM (SELECT MIN(id) AS first FROM owners GROUP BY household_id) AS firsts)`,
  `UPDATE owners SET phone_tail = TRIM(LEADING '0' FROM RIGHT(REGEXP_REPLACE(phone, '[^0-9]', ''), 9))
     WHERE phone IS NOT NULL`,
  `ALTER TABLE dogs
     MODIFY COLUMN born_on DATE NULL, MODIFY COLUMN sex VARCHAR(10) NULL, MODIFY COLUMN neutered BOOLEAN NULL,
     ADD COLUMN standing VARCHAR(10) NOT NULL DEFAULT 'here', ADD COLUMN more LONGTEXT NOT NULL DEFAULT '{}',
     ADD COLUMN vaccinated_on DATE NULL, ADD COLUMN groomed_on DATE NULL, ADD COLUMN due_on DATE NULL,
     ADD COLUMN wish_on DATE NULL, ADD COLUMN call_id CHAR(36) NULL UNIQUE`,
  `CREATE TABLE file_changes (
     id INT AUTO_INCREMENT PRIMARY KEY, of_kind VARCHAR(12) NOT NULL, of_id INT NOT NULL, made_at DATETIME(3) NOT NULL,
     made_by VARCHAR(200) NOT NULL, before_it LONGTEXT NOT NULL, after_it LONGTEXT NOT NULL,
     INDEX changes_by_file (of_kind, of_id, id))`,
  `ALTER TABLE bookings
     ADD COLUMN called_off_at DATETIME(3) NULL, ADD COLUMN called_off_why VARCHAR(200) NULL`,
  ...[
    ['house', 'opening'],
    ['house', 'van'],
    ['house', 'seen'],
    ['owners', 'agreed'],
    ['dogs', 'more'],
    ['file_changes', 'before_it'],
    ['file_changes', 'after_it'],
  ].map(
    ([table, column]) => `ALTER TABLE ${table} ADD CONSTRAINT ${table}_${column}_is_json CHECK (JSON_VALID(${column}))`,
  ),
]
