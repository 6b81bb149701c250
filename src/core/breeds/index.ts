export { BREEDS, breedNamed, breedsLike, middle, usualOf } from './breeds'
export type { Breed, Usual } from './breeds'
