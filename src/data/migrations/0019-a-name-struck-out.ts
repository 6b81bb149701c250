/**
 * What an owner signed stays what it was; only who asks to be forgotten has the name taken out of it. That is done by one
 * verb, which says so to the database, and anything else in it is still changed by nobody.
 */
export const A_NAME_STRUCK_OUT = [
  `DROP TRIGGER IF EXISTS consent_stays`,
  `CREATE TRIGGER consent_stays BEFORE UPDATE ON visit_events FOR EACH ROW
   IF OLD.kind = 'consent' AND (@kovit_forgets IS NULL OR NEW.kind <> OLD.kind OR NEW.visit_id <> OLD.visit_id
     OR NEW.at_ms <> OLD.at_ms OR JSON_REMOVE(NEW.payload, '$.signed', '$.shown') <> JSON_REMOVE(OLD.payload, '$.signed', '$.shown'))
   THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A signed consent cannot be changed.'; END IF`,
]
