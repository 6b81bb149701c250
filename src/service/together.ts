export { inTransaction as together } from '@/data/connection'
