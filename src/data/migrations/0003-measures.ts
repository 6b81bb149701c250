/** What else than height and length was measured on a dog, and how it carries its ears. */
export const MEASURES = [`ALTER TABLE dogs ADD COLUMN measures LONGTEXT NOT NULL DEFAULT '{}'`]
