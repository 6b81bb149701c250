export {
  ARCHIVED,
  LEFT_OUT,
  READ,
  READ_TABLES,
  TABLES,
  kindOf,
  rowSchema,
  type ArchivedTable,
  type Column,
  type Kind,
  type ReadTable,
} from './tables'
export { ARCHIVE_FORMAT, Manifest, isArchivePath, photoPath, refusedFormat, tablePath } from './manifest'
export { archiveReadme, archiveSchemas } from './readme'
export { BACKUPS_USUAL, Backups, Lock, OLD_HOURS, backupMs, backupName, backupSaid, tooMany } from './backups'
