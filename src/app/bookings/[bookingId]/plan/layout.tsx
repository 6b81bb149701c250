export { Themed as default } from '@/ui/theme/Themed'
