/** A dog this heavy is large for a topknot. Source: from memory. */
const LARGE_KG = 20

/** Turns of a band that hold a topknot: 3 on small and medium, 2 on large or very thick; 5 or more snaps hair. Source: common practice. */
export const bandTurns = (weightKg: number, thick: boolean): 2 | 3 => (thick || weightKg >= LARGE_KG ? 2 : 3)
