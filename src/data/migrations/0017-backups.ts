/** How the house's backups are made by themselves, and what they are locked with. */
export const BACKUPS = [
  `ALTER TABLE house
     ADD COLUMN backups LONGTEXT NOT NULL DEFAULT '{}', ADD CONSTRAINT house_backups_is_json CHECK (JSON_VALID(backups))`,
]
