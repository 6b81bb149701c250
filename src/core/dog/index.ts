export { changeWords, changedFields } from './changes'
export { dogOfFile, withFile } from './inCase'
export { DOG_FILE_KEYS, DogFile, DogMore, USUAL_KEYS, UsualKey, newFile } from './file'
