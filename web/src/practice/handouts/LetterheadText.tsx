import type { LetterheadDocument } from '../../api/client'
import { MARKETS } from '../../format/market'

/** The letterhead, for who may not change it. */
export function LetterheadText({ letterhead }: { letterhead: LetterheadDocument }) {
  const { name, address, logo, disclaimers } = letterhead
  return (
    <section className="mt-6" aria-labelledby="letterhead-heading">
      <h2 id="letterhead-heading" className="heading">
        Letterhead
      </h2>
      {logo && <img src={logo} alt="The logo" className="mt-2 max-h-16 max-w-48 rounded-sm bg-white p-1" />}
      <p className="mt-2 font-semibold">{name}</p>
      <p className="text-soft whitespace-pre-line">{address}</p>
      {disclaimers.map(({ market, text }) => (
        <p key={market} className="mt-2 max-w-2xl">
          <span className="text-soft block text-[0.8125rem]">Disclaimer, {MARKETS[market].name}</span>
          {text}
        </p>
      ))}
    </section>
  )
}
