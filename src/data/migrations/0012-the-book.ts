/**
 * The book: what is said of a booking from the first word on, the repeat it comes from, the stop of a van; what its plan
 * says of its minutes, so that a week is drawn without planning it again; repeats, those who wait, words to owners and
 * what was said already, addresses of calendars, and times that are somebody's own.
 */
export const THE_BOOK = [
  `ALTER TABLE bookings
     ADD COLUMN standing VARCHAR(12) NOT NULL DEFAULT 'booked', ADD COLUMN repeat_id INT NULL,
     ADD COLUMN repeat_day DATE NULL, ADD COLUMN home LONGTEXT NULL, ADD COLUMN called_off_by VARCHAR(200) NULL,
     ADD COLUMN changed_at DATETIME(3) NULL`,
  `ALTER TABLE bookings ADD UNIQUE INDEX booking_of_repeat (repeat_id, repeat_day)`,
  `UPDATE bookings SET standing = 'cancelled' WHERE called_off_at IS NOT NULL`,
  `CREATE TABLE booked_fits (
     booking_id INT PRIMARY KEY, stamp VARCHAR(300) NOT NULL, fit LONGTEXT NOT NULL,
     FOREIGN KEY (booking_id) REFERENCES bookings (id))`,
  `CREATE TABLE repeats (
     id INT AUTO_INCREMENT PRIMARY KEY, dog_id INT NOT NULL, staff_id INT NOT NULL, first_day DATE NOT NULL,
     clock CHAR(5) NOT NULL, programme LONGTEXT NOT NULL, setting VARCHAR(10) NOT NULL, home LONGTEXT NULL,
     grown_to DATE NOT NULL, ended_on DATE NULL, made_at DATETIME(3) NOT NULL, made_by VARCHAR(200) NOT NULL,
     row_version INT NOT NULL DEFAULT 1, INDEX repeats_by_dog (dog_id),
     FOREIGN KEY (dog_id) REFERENCES dogs (id), FOREIGN KEY (staff_id) REFERENCES staff (id))`,
  `CREATE TABLE waiting (
     id INT AUTO_INCREMENT PRIMARY KEY, dog_id INT NOT NULL, from_day DATE NOT NULL, to_day DATE NOT NULL,
     note VARCHAR(200) NOT NULL DEFAULT '', made_at DATETIME(3) NOT NULL, made_by VARCHAR(200) NOT NULL,
     settled_at DATETIME(3) NULL, settled_as VARCHAR(20) NULL, INDEX waiting_open (settled_at),
     FOREIGN KEY (dog_id) REFERENCES dogs (id))`,
  `CREATE TABLE said_words (
     id INT AUTO_INCREMENT PRIMARY KEY, about VARCHAR(80) NULL UNIQUE, kind VARCHAR(20) NOT NULL, booking_id INT NULL,
     dog_id INT NOT NULL, start_at DATETIME(3) NULL, words VARCHAR(1000) NOT NULL, way VARCHAR(10) NOT NULL,
     said_at DATETIME(3) NOT NULL, said_by VARCHAR(200) NOT NULL, INDEX words_by_booking (booking_id),
     INDEX words_by_time (said_at))`,
  `CREATE TABLE house_words (kind VARCHAR(20) PRIMARY KEY, words VARCHAR(1000) NOT NULL)`,
  `CREATE TABLE calendar_feeds (
     staff_id INT PRIMARY KEY, secret CHAR(43) NOT NULL UNIQUE, made_at DATETIME(3) NOT NULL)`,
  `CREATE TABLE busy_times (
     id INT AUTO_INCREMENT PRIMARY KEY, staff_id INT NOT NULL, uid VARCHAR(200) NOT NULL, from_at DATETIME(3) NOT NULL,
     to_at DATETIME(3) NOT NULL, why VARCHAR(200) NOT NULL, read_at DATETIME(3) NOT NULL, gone_at DATETIME(3) NULL,
     UNIQUE INDEX busy_once (staff_id, uid, from_at), INDEX busy_by_time (from_at),
     FOREIGN KEY (staff_id) REFERENCES staff (id))`,
  ...[
    ['booked_fits', 'fit'],
    ['bookings', 'home'],
    ['repeats', 'programme'],
    ['repeats', 'home'],
  ].map(
    ([table, column]) => `ALTER TABLE ${table} ADD CONSTRAINT ${table}_${column}_is_json CHECK (JSON_VALID(${column}))`,
  ),
]
