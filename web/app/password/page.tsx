import { ChangePassword } from '../../screens/door/ChangePassword'

export const metadata = { title: 'Change my password' }
export default function PasswordPage() {
  return <ChangePassword />
}
