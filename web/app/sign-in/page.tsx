import { SignIn } from '../../screens/door/SignIn'

export const metadata = { title: 'Sign in' }
export default async function SignInPage({ searchParams }: { searchParams: Promise<{ to?: string | string[] }> }) {
  const { to } = await searchParams
  return <SignIn {...(typeof to === 'string' ? { to } : {})} />
}
