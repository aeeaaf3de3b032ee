import { DropdownMenu } from 'radix-ui'
import { useOpenCase } from '../casefile/CaseContext'
import { saveFile } from '../ui/saveFile'
import { useTold } from '../ui/useTold'
import { pngOf } from './png'

type TakePictureProps = {
  /** What the picture shows, for its file's name. */
  name: string
  /** The picture as SVG. */
  draw: () => string
}

/** Takes a picture away: copied, or saved as SVG or PNG. */
export function TakePicture({ name, draw }: TakePictureProps) {
  const { document } = useOpenCase()
  const [told, tell] = useTold()
  const file = `${document.title} ${name}`
  const refused = () => tell('Not allowed by the browser')
  const copy = () =>
    navigator.clipboard
      .write([new ClipboardItem({ 'image/png': pngOf(draw()) })])
      .then(() => tell('Copied'), refused)
  const savePng = () => pngOf(draw()).then((png) => saveFile(`${file}.png`, png), refused)
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="text-act font-semibold hover:underline">
        <span aria-live="polite">{told ?? 'Chart…'}</span>
        <span className="sr-only"> {name}</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" sideOffset={6} collisionPadding={12} className="floating">
          <DropdownMenu.Item className="floating-item" onSelect={() => void copy()}>
            Copy
          </DropdownMenu.Item>
          <DropdownMenu.Item className="floating-item" onSelect={() => void savePng()}>
            Save as PNG
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className="floating-item"
            onSelect={() => saveFile(`${file}.svg`, new Blob([draw()], { type: 'image/svg+xml' }))}
          >
            Save as SVG
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
