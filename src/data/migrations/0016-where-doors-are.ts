/** Where the door of a household is on a map, as somebody copied it. */
export const WHERE_DOORS_ARE = ['ALTER TABLE households ADD COLUMN spot VARCHAR(60) NULL']
