type TroubledPageProps = { title: string; retry: () => void }

/** For a page that the server is needed for, and did not give. */
export function TroubledPage({ title, retry }: TroubledPageProps) {
  return (
    <main className="grid min-h-dvh place-content-center justify-items-center gap-4 p-6 text-center">
      <h1 className="font-figures text-2xl">{title}</h1>
      <p className="text-soft">Check the connection to the server. What you typed is kept in this tab.</p>
      <button type="button" className="button" onClick={retry}>
        Try again
      </button>
    </main>
  )
}
