/** The tables of the first release. Lengths in mm, weights in kg, times in UTC. */
export const FIRST_TABLES = [
  `CREATE TABLE house (
    id INT AUTO_INCREMENT PRIMARY KEY, name VARCHAR(200) NOT NULL, place VARCHAR(200) NOT NULL,
    time_zone VARCHAR(200) NOT NULL, unit VARCHAR(10) NOT NULL)`,
  `CREATE TABLE house_rules (rule_id VARCHAR(60) PRIMARY KEY, choice VARCHAR(60) NOT NULL)`,
  `CREATE TABLE staff (id INT AUTO_INCREMENT PRIMARY KEY, name VARCHAR(200) NOT NULL, role VARCHAR(40) NOT NULL)`,
  `CREATE TABLE kit_tools (
    id INT AUTO_INCREMENT PRIMARY KEY, kind VARCHAR(10) NOT NULL, name VARCHAR(40) NOT NULL, retired_on DATE NULL)`,
  `CREATE TABLE households (id INT AUTO_INCREMENT PRIMARY KEY, name VARCHAR(200) NOT NULL, place VARCHAR(200) NOT NULL)`,
  `CREATE TABLE owners (
    id INT AUTO_INCREMENT PRIMARY KEY, household_id INT NOT NULL, name VARCHAR(200) NOT NULL,
    phone VARCHAR(200) NULL, email VARCHAR(200) NULL,
    FOREIGN KEY (household_id) REFERENCES households (id))`,
  `CREATE TABLE dogs (
    id INT AUTO_INCREMENT PRIMARY KEY, household_id INT NOT NULL, name VARCHAR(200) NOT NULL, breed VARCHAR(200) NOT NULL,
    coat VARCHAR(20) NOT NULL, build VARCHAR(20) NOT NULL, weight_kg DECIMAL(5,1) NOT NULL, height_cm DECIMAL(5,1) NULL,
    length_cm DECIMAL(5,1) NULL, born_on DATE NOT NULL, sex VARCHAR(10) NOT NULL, neutered BOOLEAN NOT NULL,
    light_skin BOOLEAN NOT NULL, face_shape VARCHAR(20) NOT NULL, behaviour LONGTEXT NOT NULL, health LONGTEXT NOT NULL,
    FOREIGN KEY (household_id) REFERENCES households (id))`,
  `CREATE TABLE bookings (
    id INT AUTO_INCREMENT PRIMARY KEY, dog_id INT NOT NULL, staff_id INT NOT NULL, start_at DATETIME(3) NOT NULL,
    slot_min INT NOT NULL, service VARCHAR(60) NOT NULL, request LONGTEXT NOT NULL, coat_now LONGTEXT NOT NULL,
    mats LONGTEXT NOT NULL, setting VARCHAR(10) NOT NULL,
    INDEX bookings_by_start (start_at), INDEX bookings_by_dog (dog_id, start_at),
    FOREIGN KEY (dog_id) REFERENCES dogs (id), FOREIGN KEY (staff_id) REFERENCES staff (id))`,
  `CREATE TABLE trim_cards (
    id INT AUTO_INCREMENT PRIMARY KEY, dog_id INT NOT NULL, version INT NOT NULL, kind VARCHAR(10) NOT NULL,
    made_at DATETIME(3) NOT NULL, made_by VARCHAR(60) NOT NULL, why VARCHAR(200) NOT NULL,
    UNIQUE (dog_id, version), FOREIGN KEY (dog_id) REFERENCES dogs (id))`,
  `CREATE TABLE trim_card_zones (
    id INT AUTO_INCREMENT PRIMARY KEY, card_id INT NOT NULL, zone VARCHAR(20) NOT NULL, side VARCHAR(5) NULL,
    method VARCHAR(10) NOT NULL, blade VARCHAR(5) NULL, comb VARCHAR(5) NULL, lay VARCHAR(10) NULL,
    length_mm DECIMAL(6,2) NOT NULL, shape VARCHAR(40) NULL, join_kind VARCHAR(10) NOT NULL, why VARCHAR(500) NOT NULL,
    CHECK (length_mm BETWEEN 0 AND 300), INDEX zones_by_card (card_id),
    FOREIGN KEY (card_id) REFERENCES trim_cards (id))`,
  `CREATE TABLE visits (
    id INT AUTO_INCREMENT PRIMARY KEY, booking_id INT NOT NULL UNIQUE, dog_id INT NOT NULL, planned_card_id INT NOT NULL,
    cut_card_id INT NULL, planned_case LONGTEXT NOT NULL, plan LONGTEXT NOT NULL, started_at DATETIME(3) NOT NULL,
    closed_at DATETIME(3) NULL, liked BOOLEAN NULL, INDEX visits_by_dog (dog_id, started_at),
    FOREIGN KEY (booking_id) REFERENCES bookings (id), FOREIGN KEY (dog_id) REFERENCES dogs (id),
    FOREIGN KEY (planned_card_id) REFERENCES trim_cards (id), FOREIGN KEY (cut_card_id) REFERENCES trim_cards (id))`,
  `CREATE TABLE visit_events (
    id CHAR(36) PRIMARY KEY, visit_id INT NOT NULL, at_ms BIGINT NOT NULL, kind VARCHAR(20) NOT NULL,
    payload LONGTEXT NOT NULL, received_at DATETIME(3) NOT NULL, INDEX events_by_visit (visit_id, at_ms),
    FOREIGN KEY (visit_id) REFERENCES visits (id))`,
]
