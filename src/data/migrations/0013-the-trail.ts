/** The trail: changes of everything are read by their moment, and by who made them. */
export const THE_TRAIL = [
  `ALTER TABLE file_changes ADD INDEX changes_by_moment (made_at, id), ADD INDEX changes_by_who (made_by, made_at)`,
]
