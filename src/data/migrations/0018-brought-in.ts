/** Lists that were brought in, with what each made, so that it can be taken back; and those on their way, piece by piece. */
export const BROUGHT_IN = [
  `CREATE TABLE brought_in (
     id CHAR(36) PRIMARY KEY, file VARCHAR(200) NOT NULL, made_at DATETIME(3) NOT NULL, made_by VARCHAR(200) NOT NULL,
     made LONGTEXT NOT NULL, taken_back_at DATETIME(3) NULL, taken_back_by VARCHAR(200) NULL,
     CONSTRAINT brought_in_made_is_json CHECK (JSON_VALID(made)))`,
  `CREATE TABLE brought_pieces (
     list_id CHAR(36) NOT NULL, no INT NOT NULL, made_at DATETIME(3) NOT NULL, piece_rows LONGTEXT NOT NULL,
     PRIMARY KEY (list_id, no), CONSTRAINT brought_pieces_rows_is_json CHECK (JSON_VALID(piece_rows)))`,
]
