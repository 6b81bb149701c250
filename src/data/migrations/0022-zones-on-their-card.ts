/**
 * The zones of a card stand on it as one text, compressed by the database: as rows of their own they were two of three rows
 * of a house, and took five times the place. Its blades beside them, so that dogs are found by a blade without reading them.
 */
export const ZONES_ON_THEIR_CARD = [
  `ALTER TABLE trim_cards
     ADD COLUMN zones LONGTEXT COMPRESSED NOT NULL DEFAULT '[]', ADD COLUMN blades VARCHAR(200) NOT NULL DEFAULT ''`,
  `UPDATE trim_cards AS card SET
     zones = (SELECT COALESCE(JSON_ARRAYAGG(JSON_OBJECT('zone', zone, 'side', side, 'method', method, 'blade', blade,
       'comb', comb, 'lay', lay, 'lengthMm', length_mm, 'shape', shape, 'join', join_kind, 'why', why) ORDER BY id), '[]')
       FROM trim_card_zones WHERE card_id = card.id),
     blades = (SELECT COALESCE(GROUP_CONCAT(DISTINCT blade ORDER BY blade), '') FROM trim_card_zones WHERE card_id = card.id)`,
  `ALTER TABLE trim_cards ADD CONSTRAINT trim_cards_zones_is_json CHECK (JSON_VALID(zones))`,
  `DROP TABLE IF EXISTS trim_card_zones`,
]
