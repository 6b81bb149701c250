/** What an owner signed can be read for ever and changed by nobody, not even by a mistake of ours. */
export const SIGNED = [
  `CREATE TRIGGER consent_stays BEFORE UPDATE ON visit_events FOR EACH ROW
   IF OLD.kind = 'consent' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A signed consent cannot be changed.'; END IF`,
  `CREATE TRIGGER consent_is_kept BEFORE DELETE ON visit_events FOR EACH ROW
   IF OLD.kind = 'consent' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A signed consent cannot be taken away.'; END IF`,
]
