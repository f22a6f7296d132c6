import { ElNotification } from 'element-plus/es/components/notification/index'
import 'element-plus/es/components/notification/style/css'

/** Says in a corner what happened, for a while. */
export function tell(type: 'success' | 'error', message: string): void {
  ElNotification({ type, message })
}
