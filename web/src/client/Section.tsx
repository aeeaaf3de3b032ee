import type { HandoutContent } from '../api/client'
import { Drawing } from '../picture/Drawing'
import { marksOf } from './marksOf'
import { useMoreAtRight } from './useMoreAtRight'

type SectionContent = HandoutContent['sections'][number]
type Block = SectionContent['blocks'][number]
type Table = Extract<Block, { kind: 'TABLE' }>

/** A table of more lines is folded: what follows it is not to be scrolled for. */
const MOST_OPEN_LINES = 60

/** A part of a hand-out under its heading. */
export function Section({ section: { heading, blocks } }: { section: SectionContent }) {
  return (
    <section className="client-section">
      <h2 className="font-figures text-xl font-medium">{heading}</h2>
      {blocks.map((block, index) => (
        <Told key={index} block={block} />
      ))}
    </section>
  )
}

function Told({ block }: { block: Block }) {
  switch (block.kind) {
    case 'SENTENCE':
      return <p className="client-answer">{block.text}</p>
    case 'TEXT':
      return <p className="client-prose">{block.text}</p>
    case 'NOTE':
      return <p className="client-note">{block.text}</p>
    case 'FACTS':
      return (
        <dl className="client-facts">
          {block.facts.map(({ label, value, note }, index) => (
            <div key={index}>
              <dt>{label}</dt>
              <dd>
                {value}
                {note !== '' && <span className="note">{note}</span>}
              </dd>
            </div>
          ))}
        </dl>
      )
    case 'TABLE':
      return block.rows.length <= MOST_OPEN_LINES ? (
        <TableOf table={block} />
      ) : (
        <details className="mt-4">
          <summary>
            {block.caption}: {block.rows.length} lines
          </summary>
          <TableOf table={block} />
        </details>
      )
    case 'CHART':
      return (
        <figure className="client-chart">
          <figcaption>{block.caption}</figcaption>
          <Drawing marks={marksOf(block.marks)} width={block.width} height={block.height} />
          <p className="sr-only">{block.description}</p>
        </figure>
      )
  }
}

function TableOf({ table: { caption, head, rows } }: { table: Table }) {
  const { attach, onScroll, isMore } = useMoreAtRight()
  return (
    <>
      <p className="client-more" aria-hidden data-shown={isMore || undefined}>
        More columns at the right →
      </p>
      {/* Wider than a phone, it moves within itself, by keys too. */}
      <div
        ref={attach}
        onScroll={onScroll}
        className="client-table"
        role="region"
        aria-label={caption}
        tabIndex={0}
      >
        <table>
          <caption>{caption}</caption>
          <thead>
            <tr>
              {head.map(({ words, isFigures }, index) =>
                words === '' ? (
                  <td key={index} />
                ) : (
                  <th key={index} scope="col" data-figures={isFigures || undefined}>
                    {words}
                  </th>
                ),
              )}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ cells, isTotal }, line) => (
              <tr key={line} data-total={isTotal || undefined}>
                {cells.map((cell, index) =>
                  index === 0 ? (
                    <th key={index} scope="row">
                      {cell}
                    </th>
                  ) : (
                    <td key={index} data-figures={head[index]?.isFigures === true ? true : undefined}>
                      {cell}
                    </td>
                  ),
                )}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  )
}
