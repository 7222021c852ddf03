/** What begins with the server: the hourly clean-up. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs' || !process.env.DATABASE_URL) return
  const { cleanUpHourly } = await import('@/server/cleanUp')
  cleanUpHourly()
}
