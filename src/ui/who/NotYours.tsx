import { mayNot, RIGHTS, type Right, type Someone } from '@/core/rights'
import { Saying } from '../frame/Saying'

/** A page for somebody else. */
export const NotYours = ({ who, right }: { who: Someone; right: Right }) => (
  <Saying title={RIGHTS[right].says}>{mayNot(who, right)}</Saying>
)
