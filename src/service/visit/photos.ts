export { MOST_BYTES, keepPhoto, readPhoto } from '@/data/photos'
