export { EmptyTape as default } from '@/ui/frame/EmptyTape'
