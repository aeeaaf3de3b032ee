import { useIsCurrent } from '../answer/current'
import { MenuContent, MenuItem } from '../ui/Menu'
import { DropdownMenu } from 'radix-ui'
import { saveFile } from '../ui/saveFile'
import { useTold } from '../ui/useTold'
import { pngOf } from './png'

type TakePictureProps = {
  /** Of what it is a picture. */
  title: string
  /** What the picture shows, for its file's name. */
  name: string
  /** The picture as SVG. */
  draw: () => Promise<string>
}

/** Takes a picture away: copied, or saved as SVG or PNG. */
export function TakePicture({ title, name, draw }: TakePictureProps) {
  const [told, tell] = useTold()
  const isCurrent = useIsCurrent()
  const file = `${title} ${name}`
  const refused = () => tell('Not allowed by the browser')
  const copy = () =>
    navigator.clipboard
      .write([new ClipboardItem({ 'image/png': draw().then(pngOf) })])
      .then(() => tell('Copied'), refused)
  const savePng = () =>
    draw()
      .then(pngOf)
      .then((png) => saveFile(`${file}.png`, png), refused)
  const saveSvg = () =>
    draw().then((svg) => saveFile(`${file}.svg`, new Blob([svg], { type: 'image/svg+xml' })), refused)
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="text-button">
        <span aria-live="polite">{told ?? 'Chart…'}</span>
        <span className="sr-only"> {name}</span>
      </DropdownMenu.Trigger>
      <MenuContent align="end">
        <MenuItem disabled={!isCurrent} onSelect={() => void copy()}>
          Copy
        </MenuItem>
        <MenuItem disabled={!isCurrent} onSelect={() => void savePng()}>
          Save as PNG
        </MenuItem>
        <MenuItem disabled={!isCurrent} onSelect={() => void saveSvg()}>
          Save as SVG
        </MenuItem>
      </MenuContent>
    </DropdownMenu.Root>
  )
}
