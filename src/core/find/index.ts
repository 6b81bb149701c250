export { dayNamed } from './dayNamed'
export { plain } from './plain'
export { DOG_FILTERS, DOG_SORTS, DogFilter, DogSort } from './filters'
