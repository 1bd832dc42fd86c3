// Is this process alive? Nothing else is asked, so that nobody restarts it because the database is away.
export const dynamic = 'force-dynamic'
export const GET = (): Response => new Response('ok')
