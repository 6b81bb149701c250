/** A groomer's own order of stages for one visit, and why where it breaks a rule. */
export const OWN_ORDER = [`ALTER TABLE bookings ADD COLUMN own_order LONGTEXT NOT NULL DEFAULT '{}'`]
